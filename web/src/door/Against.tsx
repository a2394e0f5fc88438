/** What is said against what was tried; read aloud as it comes. */
export function Against({ says }: { says: string }) {
  return (
    <p role="alert" className={says ? "wrong mb-4" : ""}>
      {says}
    </p>
  );
}
