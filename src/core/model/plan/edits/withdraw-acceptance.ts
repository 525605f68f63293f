import { defineEdit } from './edit';
import { dropWhere } from '../edit-aftermath';

/** Takes an acceptance back. */
export interface WithdrawAcceptance {
  type: 'withdrawAcceptance';
  finding: string;
}

export const withdrawAcceptance = defineEdit<WithdrawAcceptance>({
  apply: (build, { finding }) => dropWhere(build.acceptances, (acceptance) => acceptance.finding === finding),
  words: () => 'Withdraw an acceptance',
});
