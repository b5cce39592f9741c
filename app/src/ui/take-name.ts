/** A name as typed, trimmed; an empty one leaves what was there, in the field too. */
export function takeName(field: HTMLInputElement, was: string): string {
  const name = field.value.trim() || was;
  field.value = name;
  return name;
}
