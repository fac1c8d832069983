import { Anchor, Combobox, Input, UnstyledButton, useCombobox } from '@mantine/core';
import '@mantine/core/styles/Combobox.layer.css';
import { type ReactNode, useEffect, useState } from 'react';
import './controls';
import classes from './chooser.module.css';

export interface Choice {
  value: string;
  /** What typing finds it by, and what is read out. */
  text: string;
  shown: ReactNode;
  /** Among drawings it takes a whole row. */
  wide?: boolean;
}

export interface ChoiceGroup {
  name: string;
  choices: Choice[];
}

interface Props {
  /** What is chosen, for those who do not see it. */
  label: string;
  /** What the button shows: what is chosen now. */
  children: ReactNode;
  groups: ChoiceGroup[];
  chosen?: string | undefined;
  find: string;
  onChoose: (value: string) => void;
  /** Drawings side by side rather than lines. */
  tiles?: boolean;
  disabled?: boolean;
  className?: string | undefined;
  /** A field among others, with its label above it or without one; else a line of words. */
  field?: { label?: string; size?: 'xs' };
  onOpen?: () => void;
  /** Told what is typed, where somebody else finds what answers to it. */
  onFind?: (typed: string) => void;
  /** Told what is typed; `typed` is what it comes to, and stands first where nothing is called so, or several words are typed. */
  onTyped?: (typed: string) => void;
  typed?: ChoiceGroup | undefined;
  /** Whether there are others beside those that are given. */
  others?: boolean;
  /** What can be done where nothing of it is right. */
  otherwise?: { action: string; run: () => void };
}

/** Keeps the list within the window. */
function fit({ availableHeight, elements }: { availableHeight: number; elements: { floating: HTMLElement } }): void {
  elements.floating.style.maxHeight = `${Math.max(160, Math.round(availableHeight))}px`;
}

const SEVERAL = /\S\s+\S/;

/** So many of a group are shown; who types finds the rest. */
const MOST_SHOWN = 80;

/** A button that opens a list to choose from, by pointer, arrow keys, or typing; nothing is chosen before Enter. */
export function Chooser(props: Props) {
  const [typed, setTyped] = useState('');
  const type = (text: string) => {
    setTyped(text);
    props.onFind?.(text);
    props.onTyped?.(text);
  };
  const store = useCombobox({
    onDropdownClose: () => {
      store.resetSelectedOption();
      store.focusTarget();
      type('');
    },
    onDropdownOpen: () => {
      props.onOpen?.();
      store.focusSearchInput();
    },
  });
  const wanted = props.onFind === undefined ? typed.trim().toLowerCase() : '';
  const found = props.groups
    .map((group) => ({ ...group, choices: answering(group.choices, wanted) }))
    .filter((group) => group.choices.length > 0);
  if (wanted !== '') found.sort((a, b) => rank(a.choices[0], wanted) - rank(b.choices[0], wanted));
  const said = props.typed !== undefined && (found.length === 0 || SEVERAL.test(wanted)) ? [props.typed] : [];
  // What is called so word for word goes before what the words come to.
  const exact = wanted !== '' && rank(found[0]?.choices[0], wanted) === 0;
  const groups = (exact ? [...found, ...said] : [...said, ...found]).map((group) => ({
    ...group,
    choices: group.choices.slice(0, MOST_SHOWN),
  }));
  // What comes later may stand first.
  const first = groups[0]?.choices[0]?.value;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the store is another object at each drawing
  useEffect(() => {
    if (typed !== '' && first !== undefined) store.selectFirstOption();
  }, [first, typed]);
  const hidden = found.reduce((sum, group) => sum + Math.max(0, group.choices.length - MOST_SHOWN), 0);
  const button = {
    'aria-label': props.label,
    'aria-haspopup': 'listbox',
    'aria-expanded': store.dropdownOpened,
    disabled: props.disabled,
    onClick: () => store.toggleDropdown(),
  } as const;
  return (
    <Combobox
      store={store}
      width={props.tiles ? 'min(620px, calc(100vw - 16px))' : 'min(330px, calc(100vw - 16px))'}
      position="bottom-start"
      // As high as there is room on the side that it opens to; what is more scrolls inside.
      middlewares={{
        flip: { padding: 8, fallbackStrategy: 'bestFit' },
        shift: { padding: 8 },
        size: { padding: 8, apply: fit },
      }}
      withinPortal
      keepMounted={false}
      transitionProps={{ duration: 0 }}
      onOptionSubmit={(value) => {
        store.closeDropdown();
        props.onChoose(value);
      }}
    >
      {props.field === undefined ? (
        <Combobox.Target withAriaAttributes={false}>
          <UnstyledButton {...button} className={props.className ?? classes.now}>
            {props.children}
          </UnstyledButton>
        </Combobox.Target>
      ) : (
        <Input.Wrapper label={props.field.label} labelElement="div">
          <Combobox.Target withAriaAttributes={false}>
            <Input
              component="button"
              type="button"
              pointer
              size={props.field.size ?? 'sm'}
              rightSection={<Combobox.Chevron />}
              {...button}
            >
              {props.children}
            </Input>
          </Combobox.Target>
        </Input.Wrapper>
      )}
      <Combobox.Dropdown className={classes.dropdown}>
        <Combobox.Search
          value={typed}
          aria-label={props.find}
          placeholder={props.find}
          onChange={(event) => {
            type(event.currentTarget.value);
            store.selectFirstOption();
          }}
        />
        <Combobox.Options className={props.tiles ? classes.tiles : classes.lines} aria-label={props.label}>
          {groups.map((group) => (
            <Combobox.Group key={group.name} label={group.name}>
              {group.choices.map(({ value, text, shown, wide }) => (
                <Combobox.Option
                  key={value}
                  value={value}
                  active={value === props.chosen}
                  aria-label={text}
                  className={wide ? `${classes.choice} ${classes.wide}` : classes.choice}
                >
                  {shown}
                </Combobox.Option>
              ))}
            </Combobox.Group>
          ))}
          {groups.length === 0 && <Combobox.Empty>No match</Combobox.Empty>}
        </Combobox.Options>
        {props.otherwise !== undefined && (
          <Combobox.Footer>
            <Anchor
              component="button"
              type="button"
              onClick={() => {
                store.closeDropdown();
                props.otherwise?.run();
              }}
            >
              {props.otherwise.action}
            </Anchor>
          </Combobox.Footer>
        )}
        {(hidden > 0 || props.others) && (
          <Combobox.Footer>
            {hidden > 0 ? `${hidden} more: type to find them` : 'There are more: type to find them'}
          </Combobox.Footer>
        )}
      </Combobox.Dropdown>
    </Combobox>
  );
}

/** What is typed is looked for at the beginnings of words first, and inside of them only where no word begins so. */
function answering(choices: Choice[], wanted: string): Choice[] {
  if (wanted === '') return choices;
  return choices.filter((choice) => rank(choice, wanted) < NOWHERE).sort((a, b) => rank(a, wanted) - rank(b, wanted));
}

const NOWHERE = 3;

/** 0: its name begins so; 1: a word of it does; 2: it holds it. */
function rank(choice: Choice | undefined, wanted: string): number {
  const text = choice?.text.toLowerCase() ?? '';
  if (text.startsWith(wanted)) return 0;
  if (text.split(/[^\p{L}\p{N}]+/u).some((word) => word.startsWith(wanted))) return 1;
  return text.includes(wanted) ? 2 : NOWHERE;
}
