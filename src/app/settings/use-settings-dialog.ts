import { useSearchParams } from 'react-router';

/** Whether the settings are open, kept in the address so that going back closes them. */
export function useSettingsDialog() {
  const [params, setParams] = useSearchParams();
  const put = (isOpen: boolean) =>
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        if (isOpen) next.set('settings', '1');
        else next.delete('settings');
        return next;
      },
      { replace: !isOpen },
    );
  return { isOpen: params.has('settings'), open: () => put(true), close: () => put(false) };
}
