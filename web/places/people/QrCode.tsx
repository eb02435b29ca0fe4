import { create } from 'qrcode';

/** Light modules around the code (ISO/IEC 18004: four). */
const QUIET = 4;

/** A QR code drawn as one path, dark on light in either theme: readers want it so. */
export function QrCode({ text, label, size = 220 }: { text: string; label: string; size?: number }) {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const n = modules.size + 2 * QUIET;
  let path = '';
  for (let y = 0; y < modules.size; y++)
    for (let x = 0; x < modules.size; x++)
      if (modules.get(y, x)) path += `M${x + QUIET} ${y + QUIET}h1v1h-1z`;
  return (
    <svg
      width={size}
      height={size}
      viewBox={`0 0 ${n} ${n}`}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
    >
      <rect width={n} height={n} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
