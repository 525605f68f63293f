import { expose } from 'comlink';
import { checkJobs } from './check-jobs';

expose(checkJobs);
