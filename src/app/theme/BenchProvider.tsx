import { ThemeProvider } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useLayoutEffect, useMemo, type PropsWithChildren } from 'react';
import { useSettings } from '../state/settings-store';
import { useBench } from './bench-store';
import { benchTheme } from './theme';
import { cssVariables } from './tokens';

/** Puts the chosen bench's tokens on the page and in the interface library. */
export function BenchProvider({ children }: PropsWithChildren) {
  const bench = useBench((state) => state.bench);
  const motion = useSettings((state) => state.motion);
  const isReduced = useMediaQuery('(prefers-reduced-motion: reduce)', { noSsr: true });
  const isStill = isReduced || motion === 'off';
  const theme = useMemo(() => benchTheme(bench, isStill), [bench, isStill]);
  useLayoutEffect(() => {
    const root = document.documentElement;
    for (const [name, value] of Object.entries(cssVariables(bench))) root.style.setProperty(name, value);
    root.dataset.bench = bench;
    root.style.colorScheme = bench === 'day' ? 'light' : 'dark';
  }, [bench]);
  useLayoutEffect(() => {
    document.documentElement.dataset.motion = motion === 'off' ? 'off' : 'on';
  }, [motion]);
  return <ThemeProvider theme={theme}>{children}</ThemeProvider>;
}
