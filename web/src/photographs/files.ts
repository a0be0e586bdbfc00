/** What file dialogs offer. */
export const PHOTOGRAPH_FILES =
  "image/jpeg,image/png,image/tiff,image/webp,image/heic,image/avif,.jpg,.jpeg,.jpe,.png,.tif,.tiff,.webp,.heic,.heif,.avif";

const NAMED = /\.(jpe?g|jpe|png|tiff?|webp|hei[cf]|avif)$/i;

interface Sorted<F> {
  photographs: F[];
  /** A sentence about what is none; empty if all are. */
  passedOver: string;
}

/** Tells photographs from what lies beside them in a folder that was dropped. */
export function sorted<F extends { name: string }>(files: readonly F[]): Sorted<F> {
  const photographs = files.filter(({ name }) => NAMED.test(name) && !name.startsWith("."));
  const others = files.length - photographs.length;
  return {
    photographs,
    passedOver:
      others === 0
        ? ""
        : others === 1
          ? "One file was passed over, since it is no photograph by its name."
          : `${others} files were passed over, since they are no photographs by their names.`,
  };
}
