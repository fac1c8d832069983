/** While a page is on its way. */
export function Waiting() {
  return (
    <p className="page dim" role="status">
      One moment …
    </p>
  );
}
