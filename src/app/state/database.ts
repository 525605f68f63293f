import { DryHullDatabase } from '../../storage/database';

/** The one database of this browser. */
export const database = new DryHullDatabase();
