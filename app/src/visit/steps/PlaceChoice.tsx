import {
  AREAS,
  oneRegion,
  REGION_ROWS,
  type Area,
  type Region,
} from '@taxikine/core/knowledge/regions';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import { Choice } from '../../ui/Choice';
import { useText } from '../../words/useText';

/** A place of the body; without a side, its middle or both. */
export interface Place {
  readonly region: Region;
  readonly side: MaybeSide;
}

export interface PlaceChoiceProps {
  readonly place: Place | null;
  readonly onChange: (place: Place | null) => void;
  /** What it is called when no single place is meant; not there where one must be. */
  readonly everywhere?: string;
}

const regionsIn = (area: Area): Region[] =>
  REGION_ROWS.filter((row) => row.area === area).map(({ id }) => id);

/** Where on the body: its part, the place in it, the side. */
export function PlaceChoice({ place, onChange, everywhere }: PlaceChoiceProps) {
  const t = useText();
  const area = place && oneRegion(place.region).area;
  const areas = AREAS.map((value) => ({ value, label: t(`areas.${value}`) }));
  const inArea = (next: Area | null) =>
    onChange(next && { region: regionsIn(next)[0], side: place?.side ?? null });
  return (
    <>
      <Choice<Area | null>
        label={t('pain.where')}
        options={everywhere ? [{ value: null, label: everywhere }, ...areas] : areas}
        value={area}
        onChange={inArea}
      />
      {place && area ? (
        <>
          <Choice
            label={t('pain.place')}
            options={regionsIn(area).map((value) => ({ value, label: t(`regions.${value}`) }))}
            value={place.region}
            onChange={(region) => onChange({ ...place, region })}
          />
          <Choice<MaybeSide>
            label={t('pain.side')}
            options={[
              { value: 'left', label: t('left') },
              { value: null, label: everywhere ? t('ask.bothSides') : t('pain.middle') },
              { value: 'right', label: t('right') },
            ]}
            value={place.side}
            onChange={(side) => onChange({ ...place, side })}
          />
        </>
      ) : null}
    </>
  );
}
