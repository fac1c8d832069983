import { useSettings, useVocabulary } from '../../api/queries';
import { useEyes } from '../../api/shopQueries';
import { Failed } from '../../parts/Failed';
import { Waiting } from '../../parts/Waiting';
import { StoreHead } from '../things/StoreHead';
import { Things } from '../things/Thing';
import { useStorePage } from '../things/useStorePage';
import { NewEyes } from './NewEyes';
import { OneEye } from './OneEye';

/** The eyes of the shop: of which kind, how large, and how many are left. */
export function EyesPage() {
  const eyes = useEyes();
  const settings = useSettings().data;
  const vocabulary = useVocabulary().data;
  const page = useStorePage(eyes.data);
  if (eyes.isError) return <Failed error={eyes.error} retry={() => void eyes.refetch()} />;
  if (eyes.data === undefined || settings === undefined || vocabulary === undefined) return <Waiting />;
  const shown = eyes.data.filter(page.isShown);
  return (
    <section aria-label="Eyes">
      <StoreHead
        of="Eyes"
        about="single ones, two to a bait; a finished run takes its own"
        {...page.head}
        add="Add eyes"
      />
      {shown.length === 0 ? (
        <div className="empty">
          <h2>No eyes yet</h2>
          <p>Until you add some, runs do not check whether there are enough.</p>
        </div>
      ) : (
        <Things>
          {shown.map((one) => (
            <OneEye key={one.id} eye={one} {...{ vocabulary, settings }} {...page.opening(one.id)} />
          ))}
        </Things>
      )}
      <NewEyes opened={page.adding} onClose={page.close} vocabulary={vocabulary} />
    </section>
  );
}
