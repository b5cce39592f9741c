/** The file just chosen in a file input; the same one may be chosen again once it is mended. */
export function chosenFile(event: Event): File | undefined {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  return file;
}
