import { Combobox, UnstyledButton, useCombobox } from '@mantine/core';
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
  onOpen?: () => void;
}

/** A button that opens a list to choose from, by pointer, arrow keys, or typing; nothing is chosen before Enter. */
export function Chooser(props: Props) {
  const [typed, setTyped] = useState('');
  const store = useCombobox({
    onDropdownClose: () => {
      store.resetSelectedOption();
      store.focusTarget();
      setTyped('');
    },
    onDropdownOpen: () => {
      props.onOpen?.();
      store.focusSearchInput();
    },
  });
  const wanted = typed.trim().toLowerCase();
  const groups = props.groups
    .map((group) => ({ ...group, choices: group.choices.filter(({ text }) => text.toLowerCase().includes(wanted)) }))
    .filter((group) => group.choices.length > 0);
  return (
    <Combobox
      store={store}
      width={props.tiles ? 560 : 330}
      position="bottom-start"
      withinPortal
      transitionProps={{ duration: 0 }}
      onOptionSubmit={(value) => {
        store.closeDropdown();
        props.onChoose(value);
      }}
    >
      <Combobox.Target withAriaAttributes={false}>
        <UnstyledButton
          className={props.className ?? classes.now}
          aria-label={props.label}
          aria-haspopup="listbox"
          aria-expanded={store.dropdownOpened}
          disabled={props.disabled}
          onClick={() => store.toggleDropdown()}
        >
          {props.children}
        </UnstyledButton>
      </Combobox.Target>
      <Combobox.Dropdown className={classes.dropdown}>
        <Combobox.Search
          value={typed}
          aria-label={props.find}
          placeholder={props.find}
          onChange={(event) => {
            setTyped(event.currentTarget.value);
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
          {groups.length === 0 && <Combobox.Empty>Nothing is called so.</Combobox.Empty>}
        </Combobox.Options>
      </Combobox.Dropdown>
    </Combobox>
  );
}
