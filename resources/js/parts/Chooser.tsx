import { Combobox, Input, UnstyledButton, useCombobox } from '@mantine/core';
import '@mantine/core/styles/Combobox.layer.css';
import { type ReactNode, useState } from 'react';
import './controls';
import classes from './chooser.module.css';

export interface Choice {
  value: string;
  /** What typing finds it by, and what is read out. */
  text: string;
  shown: ReactNode;
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
  /** Whether there are others beside those that are given. */
  others?: boolean;
}

/** So many of a group are shown; who types finds the rest. */
const MOST_SHOWN = 80;

/** A button that opens a list to choose from, by pointer, arrow keys, or typing; nothing is chosen before Enter. */
export function Chooser(props: Props) {
  const [typed, setTyped] = useState('');
  const type = (text: string) => {
    setTyped(text);
    props.onFind?.(text);
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
    .map((group) => ({ ...group, choices: group.choices.filter(({ text }) => text.toLowerCase().includes(wanted)) }))
    .filter((group) => group.choices.length > 0);
  const groups = found.map((group) => ({ ...group, choices: group.choices.slice(0, MOST_SHOWN) }));
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
      width={props.tiles ? 560 : 330}
      position="bottom-start"
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
              {group.choices.map(({ value, text, shown }) => (
                <Combobox.Option
                  key={value}
                  value={value}
                  active={value === props.chosen}
                  aria-label={text}
                  className={classes.choice}
                >
                  {shown}
                </Combobox.Option>
              ))}
            </Combobox.Group>
          ))}
          {groups.length === 0 && <Combobox.Empty>No match</Combobox.Empty>}
        </Combobox.Options>
        {(hidden > 0 || props.others) && (
          <Combobox.Footer>
            {hidden > 0 ? `${hidden} more: type to find them` : 'There are more: type to find them'}
          </Combobox.Footer>
        )}
      </Combobox.Dropdown>
    </Combobox>
  );
}
