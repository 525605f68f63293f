import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { facets, orders, type Facet, type ListAsked, type Order } from '../../core/desk/locker/working-list';
import styles from './LockerStation.module.css';

export type ListWishes = Pick<ListAsked, 'words' | 'facet' | 'order'>;

interface ListHeadProps {
  wishes: ListWishes;
  onChange: (wishes: ListWishes) => void;
}

const facetNames: Record<Facet, string> = {
  all: 'all',
  own: 'what I own',
  mightBuy: 'might buy',
  fits: 'stands these volts',
  lacks: 'lacks a figure',
};
const orderNames: Record<Order, string> = { asKept: 'default', name: 'name', price: 'price', mass: 'mass' };

/** Narrows a list of parts, and puts it in order. */
export function ListHead({ wishes, onChange }: ListHeadProps) {
  return (
    <div className={styles.wishes}>
      <TextField
        size="small"
        type="search"
        label="Search"
        value={wishes.words}
        slotProps={{ htmlInput: { maxLength: 80 } }}
        onChange={({ target }) => onChange({ ...wishes, words: target.value })}
      />
      <TextField
        select
        size="small"
        label="Show"
        value={wishes.facet}
        onChange={({ target }) => onChange({ ...wishes, facet: target.value as Facet })}
      >
        {facets.map((facet) => (
          <MenuItem key={facet} value={facet} dense>
            {facetNames[facet]}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        size="small"
        label="Sort"
        value={wishes.order}
        onChange={({ target }) => onChange({ ...wishes, order: target.value as Order })}
      >
        {orders.map((order) => (
          <MenuItem key={order} value={order} dense>
            {orderNames[order]}
          </MenuItem>
        ))}
      </TextField>
    </div>
  );
}
