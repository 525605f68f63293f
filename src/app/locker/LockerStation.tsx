export function Component() {
  return <h1>Locker</h1>;
}
