/** The pages, with the words that a painter might look for them by. */
export const PLACES_TO_FIND: { to: string; name: string; words: string }[] = [
  { to: '/patterns', name: 'Patterns', words: 'Patterns shelf recipes new pattern' },
  { to: '/runs', name: 'Runs', words: 'Runs orders' },
  { to: '/runs/new', name: 'Plan a run', words: 'Plan a run paint order of work mixing' },
  { to: '/bench', name: 'Bench', words: 'Bench paint now' },
  { to: '/log', name: 'Log', words: 'Log baits finished photographs' },
  { to: '/stores', name: 'Rack', words: 'Rack paints stores colours' },
  { to: '/stores/mixing', name: 'Mixing', words: 'Mixing mix match a colour' },
  { to: '/stores/bodies', name: 'Body drawer', words: 'Body drawer bodies blanks' },
  { to: '/stores/masks', name: 'Mask box', words: 'Mask box masks stencils' },
  { to: '/stores/eyes', name: 'Eyes', words: 'Eyes store' },
  { to: '/stores/clears', name: 'Clears', words: 'Clears clear coats epoxy resin' },
  { to: '/stores/rig', name: 'Rig', words: 'Rig airbrushes airbrush nozzles compressor dryer equipment lamp' },
  { to: '/stores/habits', name: 'Habits', words: 'Habits school ways' },
  { to: '/stores/faults', name: 'Faults', words: 'Faults spitting trouble problems' },
  { to: '/stores/cautions', name: 'Cautions', words: 'Cautions safety mask fumes' },
  { to: '/settings', name: 'Settings', words: 'Settings units theme room dark light currency backups backup' },
];
