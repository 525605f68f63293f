import type { Guide } from '../../core/model/plan/model-inside';
import type { PictureScale } from './picture-scale';
import styles from './BerthsPicture.module.css';

interface GuidePictureProps {
  guide: Guide | undefined;
  scale: PictureScale;
  /** The band of the view that it lies under, in pixels. */
  top: number;
  height: number;
}

/** The photograph under a view, to the size that it was said to show, around the middle of the view. */
export const GuidePicture = ({ guide, scale, top, height }: GuidePictureProps) => {
  if (!guide) return null;
  // As high as it is wide, so that its width alone sets its size; what reaches out of the view is cut off.
  const side = guide.across * scale.perMetre;
  return (
    <svg x={scale.x(guide.x)} y={top} width={side} height={height} aria-hidden>
      <image
        href={guide.picture}
        y={(height - side) / 2}
        width={side}
        height={side}
        preserveAspectRatio="xMidYMid meet"
        className={styles.guide}
      />
    </svg>
  );
};
