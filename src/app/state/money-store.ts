import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface MoneyState {
  /** What prices are in, as the person writes it; empty where it goes without saying. */
  currency: string;
  setCurrency: (currency: string) => void;
}

/** The money that prices are noted in, remembered in this browser. */
export const useMoney = create<MoneyState>()(
  persist(
    (set) => ({ currency: '', setCurrency: (currency) => set({ currency: currency.trim().slice(0, 6) }) }),
    { name: 'dry-hull-money' },
  ),
);

/** Writes a sum: `12.50 €`. */
export function useSum(): (value: number) => string {
  const currency = useMoney((state) => state.currency);
  return (value) => (currency === '' ? value.toFixed(2) : `${value.toFixed(2)} ${currency}`);
}
