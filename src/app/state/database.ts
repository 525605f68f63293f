import { create } from 'zustand';
import { DryHullDatabase } from '../../storage/database';

/** The one database of this browser. */
export const database = new DryHullDatabase();

/** Whether another window, with an older version, keeps the database from being brought up to date. */
export const useIsHeld = create<{ isHeld: boolean }>()(() => ({ isHeld: false }));

database.on('blocked', () => useIsHeld.setState({ isHeld: true }));
