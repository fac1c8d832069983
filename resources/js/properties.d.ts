import 'react';

declare module 'react' {
  interface CSSProperties {
    /** As many baits to a row, where there is room. */
    '--columns'?: number;
  }
}
