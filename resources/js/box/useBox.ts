import { useSyncExternalStore } from 'react';
import { box } from './box';

export const useBox = () => useSyncExternalStore(box.subscribe, () => box.state);
