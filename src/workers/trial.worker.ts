import { expose } from 'comlink';
import { trialJobs } from './trial-jobs';

expose(trialJobs);
