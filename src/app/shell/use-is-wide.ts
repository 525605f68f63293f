import useMediaQuery from '@mui/material/useMediaQuery';

/** Whether findings have room beside the screen; elsewhere they lie over it. */
export const useIsWide = (): boolean => useMediaQuery('(min-width: 1180px)', { noSsr: true });
