import { Anchor, Button } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { useSettings } from '../api/queries';
import { useTestSheet } from '../api/shopQueries';
import { DropsOnPaper } from '../parts/DropsOnPaper';
import { Failed } from '../parts/Failed';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';
import { inPressure } from '../units/sentence';
import { pressure } from '../units/units';
import classes from './test-sheet.module.css';

/** One page to hold beside the paper: the mark that is right for this work, and those that are not. */
export function TestSheet() {
  const { id = '', version = '', step = '' } = useParams();
  const sheet = useTestSheet(version, step);
  const settings = useSettings().data;
  if (sheet.isError) return <Failed error={sheet.error} retry={() => void sheet.refetch()} />;
  if (sheet.data === undefined || settings === undefined) return <Waiting />;
  const { pattern, coat, ...paper } = sheet.data;
  return (
    <div className={`page ${classes.testSheet}`}>
      <PageTitle of={`Test sheet, ${pattern}`} />
      <div className="page-head">
        <h1>Test sheet</h1>
        <span className="spacer" />
        <Anchor component={Link} className={classes.never} to={`/patterns/${id}`}>
          Back to {pattern}
        </Anchor>
        {coat !== null && (
          <Button className={classes.never} onClick={() => window.print()}>
            Print
          </Button>
        )}
      </div>
      {coat === null ? (
        <div className="empty">
          <h2>Nothing is sprayed here</h2>
          <p>A test sheet is for a coat that is sprayed, or for a step that tries one out.</p>
        </div>
      ) : (
        <>
          <p className={classes.of}>
            <b>{pattern}</b>, step {coat.number}, {coat.name}: {coat.paint}, {coat.thinning_percent} % thinned,{' '}
            {pressure.show(coat.psi, settings)} {pressure.unit(settings)}. Work: {coat.work}.
          </p>
          <p>{inPressure(coat.says, settings)}</p>
          <figure className={classes.good}>
            <DropsOnPaper drops={coat.good} {...paper} label={`A good mark for ${coat.work}`} />
            <figcaption>
              <b>So it is right.</b> Even, as fine and as soft at its edge as this.
            </figcaption>
          </figure>
          <ul className={classes.bad}>
            {coat.bad.map((one) => (
              <li key={one.fault}>
                <DropsOnPaper drops={one.drops} {...paper} label={`${one.fault}: ${one.looks}`} />
                <p>
                  <b>{one.fault}.</b> {one.looks} Try first: {one.try}
                </p>
              </li>
            ))}
          </ul>
          <p className="dim">
            Drawn from the model of the spray, to know a mark by; not what your airbrush will do. Spray into a booth or
            with a mask on, also on paper.
          </p>
        </>
      )}
    </div>
  );
}
