import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import type { Equipment, EquipmentChange, Rig } from '../../api/types';

/** Changes to one piece of the rig, saved at once. */
export function useEquipmentChange(one: Equipment) {
  const queries = useQueryClient();
  return useMutation({
    // One after the other, each on the revision the one before it made.
    scope: { id: `equipment ${one.id}` },
    mutationFn: (set: Omit<EquipmentChange, 'revision'>) => {
      const now = queries.getQueryData<Rig>(['rig'])?.equipment.find((other) => other.id === one.id) ?? one;
      return ask(
        api.PATCH('/equipment/{id}', { params: { path: { id: one.id } }, body: { revision: now.revision, ...set } }),
      );
    },
    onSuccess: (saved) => {
      queries.setQueryData<Rig>(
        ['rig'],
        (rig) => rig && { ...rig, equipment: rig.equipment.map((other) => (other.id === saved.id ? saved : other)) },
      );
    },
    // What is in hand changes air, drying and plans.
    onSettled: () => queries.invalidateQueries(),
  });
}
