import { createTheme, type Theme } from '@mui/material/styles';
import { benches, type Bench } from './tokens';

const textFace = "'Archivo Variable', 'Archivo', sans-serif";

/** What moves by script rather than by style sheet, standing still. */
const still = {
  MuiPopover: { defaultProps: { transitionDuration: 0 } },
  MuiDialog: { defaultProps: { transitionDuration: 0 } },
  MuiCollapse: { defaultProps: { timeout: 0 } },
  MuiSnackbar: { defaultProps: { transitionDuration: 0 } },
  MuiTooltip: { defaultProps: { enterDelay: 500, arrow: true, slotProps: { transition: { timeout: 0 } } } },
  MuiMenu: { defaultProps: { elevation: 2, transitionDuration: 0 } },
} as const;

/**
 * The interface library dressed in the tokens of a bench: square-ish, flat, quiet.
 * @param isStill whether nothing moves, as the machine or the person wants it
 */
export function benchTheme(bench: Bench, isStill: boolean): Theme {
  const token = benches[bench];
  return createTheme({
    palette: {
      mode: bench === 'day' ? 'light' : 'dark',
      primary: { main: token.action, contrastText: token.onAction },
      error: { main: token.keelRed, contrastText: token.onKeelRed },
      warning: { main: token.brass },
      success: { main: token.bottleGreen },
      background: { default: token.paper, paper: token.panel },
      text: { primary: token.ink, secondary: token.softInk },
      divider: token.line,
      action: { active: token.softInk },
    },
    shape: { borderRadius: 3 },
    typography: { fontFamily: textFace, fontSize: 13, button: { textTransform: 'none', fontWeight: 600 } },
    components: {
      MuiButtonBase: {
        defaultProps: { disableRipple: true },
        // A finger is wider than a pointer.
        styleOverrides: { root: { '@media (pointer: coarse)': { minHeight: 44, minWidth: 44 } } },
      },
      MuiSelect: {
        styleOverrides: {
          select: {
            '@media (pointer: coarse)': {
              display: 'flex',
              alignItems: 'center',
              minHeight: '44px',
              boxSizing: 'border-box',
            },
          },
        },
      },
      MuiInputBase: { styleOverrides: { root: { '@media (pointer: coarse)': { minHeight: 44 } } } },
      MuiButton: { defaultProps: { disableElevation: true, size: 'small' } },
      MuiTooltip: { defaultProps: { enterDelay: 500, arrow: true } },
      MuiMenu: { defaultProps: { elevation: 2 } },
      MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
      ...(isStill && still),
    },
  });
}
