/** Safety lines that steps carry. Local law, the maker's sheet and licensed practice always go first. */
export const cautions = {
  solder:
    'Iron and fumes: eye protection, open window, a stand for the iron. No pack anywhere near the joint.',
  liveLeads:
    'Never work on live leads: the pack goes in last and comes out first. Do not let bare ends of a pack lead meet.',
  lithium:
    'Lithium pack: never use a swollen or dented one. Charge on a balancing mains charger made for it, attended, on a surface that does not burn, within the maker’s limits.',
  stand:
    'Model on a stand with screws and wheels free. Keep hair, fingers and cloth clear: a motor may start by surprise.',
  radio:
    'Bands and powers allowed differ by country; check local rules. Nothing goes afloat or on the road that fails a range check.',
  heat: 'If anything smells, smokes or gets too hot to touch: pack out first, questions later.',
  engine:
    'An engine: fuel and its fumes burn and poison. Outdoors, no flame near, hands clear of flywheel and wheels, and a way to stop it at hand; the maker’s sheet goes first.',
  water: 'Keep a running electric model away from swimmers and follow the rules of the site.',
} as const;

export type CautionId = keyof typeof cautions;
