import { useLocalStorage } from '@mantine/hooks';
import { useCallback, useEffect } from 'react';

/** Only the browser's own voice: nothing is sent anywhere. */
export const canSpeak = typeof window !== 'undefined' && 'speechSynthesis' in window;

/** Speaks a text whenever it becomes another, while it is switched on at this device. */
export function useVoice(text: string) {
  const [on, setOn] = useLocalStorage({
    key: 'hawkbrush speak',
    defaultValue: false,
    getInitialValueInEffect: false,
  });
  const say = useCallback(
    (words: string) => {
      if (!on || !canSpeak) return;
      const speech = new SpeechSynthesisUtterance(words);
      speech.lang = 'en';
      window.speechSynthesis.speak(speech);
    },
    [on],
  );
  useEffect(() => {
    if (!on || !canSpeak) return;
    window.speechSynthesis.cancel();
    if (text !== '') say(text);
    return () => window.speechSynthesis.cancel();
  }, [on, text, say]);
  return { on, say, toggle: () => setOn(!on) };
}
