import { Radio } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, words } from '../../api/client';
import { useHabits } from '../../api/shopQueries';
import type { Habits, HabitsChange } from '../../api/types';
import { Failed } from '../../parts/Failed';
import { offerUndo } from '../../parts/Notices';
import { PageTitle } from '../../parts/PageTitle';
import { Waiting } from '../../parts/Waiting';
import { CleaningFigures } from './CleaningFigures';
import { WhoPaints } from './WhoPaints';
import '../../parts/controls';
import classes from './habits.module.css';

/** Where painters differ: the school of this shop, with what each makes of the same example. */
export function HabitsPage() {
  const queries = useQueryClient();
  const habits = useHabits();
  const save = useMutation({
    scope: { id: 'habits' },
    mutationFn: (change: HabitsChange) => ask(api.PUT('/habits', { body: change })),
    onSuccess: (saved) => queries.setQueryData<Habits>(['habits'], saved),
    onSettled: () => queries.invalidateQueries(),
  });
  if (habits.isError) return <Failed error={habits.error} retry={() => void habits.refetch()} />;
  if (habits.data === undefined) return <Waiting />;
  const choose = (habit: Habits['habits'][number], school: string) => {
    save.mutate({ habits: { [habit.name]: school } });
    offerUndo('habit', 'Habit changed; runs that are planned keep theirs.', () =>
      save.mutate({ habits: { [habit.name]: habit.school } }),
    );
  };
  const takeOff = (painter: string) => {
    const kept = Object.fromEntries(habits.data.habits.map((habit) => [habit.name, habit.school]));
    save.mutate({ painter: habits.data.painters.find((one) => one !== painter), forget: painter });
    offerUndo('painter', `${painter} taken off.`, () => save.mutate({ painter, habits: kept }));
  };
  return (
    <section aria-label="Habits">
      <div className="page-head">
        <PageTitle of="Habits" />
        <h1>Habits</h1>
        <span className="dim">where good painters differ, and what each way makes of the same small recipe</span>
        <span className="spacer" />
        <WhoPaints habits={habits.data} onChange={(change) => save.mutate(change)} onTakeOff={takeOff} />
      </div>
      {save.isError && (
        <p role="alert" className="notice">
          Not kept. {words(save.error)}
        </p>
      )}
      <div className={classes.habits}>
        {habits.data.habits.map((habit) => (
          <Radio.Group
            key={habit.name}
            className={classes.habit}
            name={habit.name}
            value={habit.school}
            label={habit.question}
            description={habit.changes}
            onChange={(school) => choose(habit, school)}
          >
            <ul>
              {habit.schools.map((school, i) => (
                <li key={school.name} data-chosen={school.name === habit.school}>
                  <Radio value={school.name} label={schoolWords(school, i === 0, habits.data)} />
                  <p>{school.shown}</p>
                </li>
              ))}
            </ul>
          </Radio.Group>
        ))}
      </div>
      <CleaningFigures
        now={habits.data.clean}
        usual={habits.data.usual_clean}
        onSave={(clean) => save.mutateAsync({ clean }).catch(() => {})}
      />
    </section>
  );
}

/** The name of a school, whether it is the usual one, and who else here follows it. */
function schoolWords(school: Habits['habits'][number]['schools'][number], usual: boolean, { painter }: Habits): string {
  const others = school.followers.filter((name) => name !== painter);
  const more = [usual ? 'usual here' : '', others.join(', ')].filter(Boolean);
  return more.length === 0 ? school.label : `${school.label} (${more.join('; ')})`;
}
