import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { glossary } from '../../core/base/words/glossary';
import { screenHelp, type HelpedScreen, type ScreenHelp } from '../../core/base/words/screen-help';
import { capital } from '../../core/base/words/sentences';
import { version } from '../../../package.json';
import { useGuide } from './guide-store';
import { keysOfTheApp } from './keys';
import styles from './HelpDialog.module.css';

const screens = Object.keys(screenHelp) as HelpedScreen[];
const words = Object.entries(glossary).sort(([a], [b]) => a.localeCompare(b, 'en', { sensitivity: 'base' }));

/** Help for the screen in sight, the words of the bench, the keys, and what this is; all of it can be searched. */
export default function HelpDialog({ onClose }: { onClose: () => void }) {
  const { pathname } = useLocation();
  const openGuide = useGuide((state) => state.open);
  const [asked, setAsked] = useState('');
  const wanted = asked.trim().toLowerCase();
  const has = (...texts: readonly string[]) => texts.some((text) => text.toLowerCase().includes(wanted));
  const here = screens.find((screen) => pathname === `/${screen}`);
  const shownScreens = wanted
    ? screens.filter((screen) =>
        has(screenHelp[screen].name, screenHelp[screen].what, ...screenHelp[screen].how),
      )
    : here
      ? [here]
      : [];
  const shownWords = words.filter(([term, meaning]) => has(term, meaning));
  const shownKeys = keysOfTheApp.filter(({ keys, does }) => has(keys, does));
  const isNothing = shownScreens.length + shownWords.length + shownKeys.length === 0;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="help-title">
      <DialogTitle id="help-title">Help</DialogTitle>
      <DialogContent>
        <TextField
          fullWidth
          size="small"
          margin="dense"
          type="search"
          label="Look for a word, a screen, a key"
          value={asked}
          onChange={({ target }) => setAsked(target.value)}
        />
        <p className="visually-hidden" role="status">
          {wanted &&
            (isNothing ? 'Nothing is found' : `${shownWords.length} words, ${shownScreens.length} screens`)}
        </p>
        {isNothing && <p>Nothing is said of “{asked.trim()}” here.</p>}
        {shownScreens.map((screen) => (
          <OneScreen key={screen} help={screenHelp[screen]} />
        ))}
        {shownKeys.length > 0 && (
          <section aria-labelledby="help-keys">
            <h3 id="help-keys" className={styles.heading}>
              Keys
            </h3>
            <dl className={styles.keys}>
              {shownKeys.map(({ keys, does }) => (
                <div key={keys}>
                  <dt>
                    <kbd>{keys}</kbd>
                  </dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        )}
        {shownWords.length > 0 && (
          <section aria-labelledby="help-words">
            <h3 id="help-words" className={styles.heading}>
              Words of the bench
            </h3>
            <dl className={styles.words}>
              {shownWords.map(([term, meaning]) => (
                <div key={term}>
                  <dt>{capital(term)}</dt>
                  <dd>{meaning}</dd>
                </div>
              ))}
            </dl>
          </section>
        )}
        <p className={styles.about}>
          Dry Hull {version}. Everything is worked out and kept on this computer. It is a help for hobbyists
          and no proof: local law, the maker’s sheet and a qualified person go before it.{' '}
          <a href="/licences.txt" target="_blank" rel="noreferrer">
            Licences of the packages in it
          </a>
        </p>
      </DialogContent>
      <DialogActions>
        <Button
          onClick={() => {
            openGuide();
            onClose();
          }}
        >
          Show the first steps
        </Button>
        <Button variant="contained" onClick={onClose}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}

const OneScreen = ({ help: { name, what, how } }: { help: ScreenHelp }) => (
  <section aria-label={name}>
    <h3 className={styles.heading}>
      {name}: {what}
    </h3>
    <ul className={styles.how}>
      {how.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  </section>
);
