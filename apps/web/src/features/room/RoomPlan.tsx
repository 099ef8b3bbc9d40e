import {
  footprintOf,
  PLACE_SIZES,
  sightOf,
  teacherAt,
  type Fitting,
  type PlaceNeeds,
  type Point,
  type Room,
  type Spot,
} from '@lotus-steady/core';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { PropGlyph } from '../../domain/room/PropGlyph.js';
import { Walls } from '../../domain/room/Walls.js';
import { sayProps } from '../../domain/words/say.js';
import { saySpot } from './placeWords.js';

interface Station extends Pick<Fitting['places'][number], 'station' | 'place'> {
  isAway: boolean;
}

/** Somebody's place as it is drawn. */
export interface DrawnPlace {
  spot: Spot;
  needs: PlaceNeeds;
  name: string;
  /** Which place of which station is hers, as on the cards and in the list, and whether she must go there. */
  station: Station;
  beside: readonly { prop: string; count: number }[];
  isWrong: boolean;
}

interface Props {
  room: Room;
  places: readonly DrawnPlace[];
  selected: string | undefined;
  onSelect: (personId: string | undefined) => void;
  /** Left out where places are looked at only. */
  onMove?: (spot: Spot) => void;
}

/** Around the room, cm: for walls and their doors. */
const MARGIN = 40;
/** Laid to the nearest so many, cm. */
const GRID = 5;
/** By key, cm; with Shift further. */
const STEP = 10;
const FAR = 50;
const TURNS: Readonly<Record<Spot['heading'], Spot['heading']>> = { 0: 90, 90: 180, 180: 270, 270: 0 };
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const onGrid = (cm: number): number => Math.round(cm / GRID) * GRID;

/** A room from above, to scale, the teacher at the top; places are dragged, or moved by arrows and turned by R. */
export function RoomPlan({ room, places, selected, onSelect, onMove }: Props) {
  const plan = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ spot: Spot; dx: number; dy: number }>();
  const { widthCm, depthCm } = room;
  const shown = places.map((place) =>
    drag?.spot.personId === place.spot.personId ? { ...place, spot: drag.spot } : place,
  );
  const teacher = teacherAt(
    room,
    shown.map(({ spot }) => spot),
  );

  const cmAt = (event: PointerEvent): { x: number; y: number } => {
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(
      plan.current!.getScreenCTM()!.inverse(),
    );
    return { x, y };
  };
  const inside = (spot: Spot): Spot => ({
    ...spot,
    xCm: Math.max(0, Math.min(widthCm, onGrid(spot.xCm))),
    yCm: Math.max(0, Math.min(depthCm, onGrid(spot.yCm))),
  });
  const take = (event: PointerEvent<SVGGElement>, spot: Spot): void => {
    onSelect(spot.personId);
    if (!onMove || event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const { x, y } = cmAt(event);
    setDrag({ spot, dx: spot.xCm - x, dy: spot.yCm - y });
  };
  const move = (event: PointerEvent): void => {
    if (!drag) return;
    const { x, y } = cmAt(event);
    setDrag({ ...drag, spot: inside({ ...drag.spot, xCm: x + drag.dx, yCm: y + drag.dy }) });
  };
  const drop = (): void => {
    if (!drag) return;
    const before = places.find(({ spot }) => spot.personId === drag.spot.personId)!.spot;
    if (before.xCm !== drag.spot.xCm || before.yCm !== drag.spot.yCm) onMove!(drag.spot);
    setDrag(undefined);
  };
  const byKey = (event: KeyboardEvent, spot: Spot): void => {
    const arrow = ARROWS[event.key];
    const isTurn = event.key.toLowerCase() === 'r' && !event.ctrlKey && !event.metaKey;
    if (!onMove || (!arrow && !isTurn)) return;
    event.preventDefault();
    const by = event.shiftKey ? FAR : STEP;
    onMove(
      inside(
        arrow
          ? { ...spot, xCm: spot.xCm + arrow[0] * by, yCm: spot.yCm + arrow[1] * by }
          : { ...spot, heading: TURNS[spot.heading] },
      ),
    );
  };

  return (
    <svg
      ref={plan}
      viewBox={`${-MARGIN} ${-MARGIN} ${widthCm + 2 * MARGIN} ${depthCm + 2 * MARGIN}`}
      className="max-h-[78vh] w-full touch-pan-y select-none print:max-h-[88vh]"
      role="group"
      aria-label="The room from above, the teacher at the front"
      onPointerMove={move}
      onPointerUp={drop}
      onPointerCancel={() => setDrag(undefined)}
    >
      <Walls room={room} />
      <g aria-hidden className="no-print">
        {shown.map((place) => (
          <Sight
            key={place.spot.personId}
            of={place.spot}
            teacher={teacher}
            isHidden={isHidden(place, shown, teacher)}
            isSelected={place.spot.personId === selected}
          />
        ))}
      </g>
      <Teacher {...teacher} />
      {shown.map((place) => (
        <Beside key={place.spot.personId} room={room} {...place} />
      ))}
      {shown.map((place) => (
        <g
          key={place.spot.personId}
          role="button"
          tabIndex={0}
          aria-pressed={place.spot.personId === selected}
          aria-label={[
            `${place.name}: ${sayStation(place.station)}, ${saySpot(place.spot, place.needs.kind)}`,
            sayProps(place.beside),
          ]
            .filter(Boolean)
            .join('; ')}
          className={
            'outline-none focus-visible:[&_.seat]:stroke-[7] ' +
            (onMove ? 'cursor-grab touch-none' : 'cursor-pointer')
          }
          onPointerDown={(event) => take(event, place.spot)}
          onFocus={() => onSelect(place.spot.personId)}
          onKeyDown={(event) => byKey(event, place.spot)}
        >
          <Place {...place} isSelected={place.spot.personId === selected} />
        </g>
      ))}
      <g aria-hidden className="pointer-events-none">
        {shown.map((place) => (
          <StationOf key={place.spot.personId} {...place} />
        ))}
      </g>
    </svg>
  );
}

const sayStation = ({ station, place, isAway }: Station): string =>
  `${isAway ? 'goes to ' : ''}${station} ${place}`;

/** The line of sight from a place to the teacher: faint, but for the chosen place and where somebody is in it. */
const Sight = ({
  of,
  teacher,
  isHidden,
  isSelected,
}: {
  of: Point;
  teacher: Point;
  isHidden: boolean;
  isSelected: boolean;
}) => (
  <line
    x1={of.xCm}
    y1={of.yCm}
    x2={teacher.xCm}
    y2={teacher.yCm}
    strokeWidth={isSelected ? 4 : 2}
    strokeDasharray={isSelected || isHidden ? '14 10' : undefined}
    className={`${isHidden ? 'stroke-clay' : 'stroke-teal'} ${isSelected ? '' : 'opacity-40'}`}
  />
);

const isHidden = ({ spot }: DrawnPlace, places: readonly DrawnPlace[], teacher: Point): boolean =>
  sightOf(
    spot,
    places.map((one) => one.spot),
    teacher,
  ).hiddenBy !== undefined;

const Teacher = ({ xCm, yCm }: { xCm: number; yCm: number }) => (
  <g transform={`translate(${xCm} ${yCm})`}>
    <circle r={26} className="fill-teal" />
    <path d="M -9 4 L 0 15 L 9 4" fill="none" strokeWidth={5} className="stroke-teal-ink" />
    <text x={38} y={9} className="fill-ink text-[30px] font-semibold">
      Teacher
    </text>
  </g>
);

/** Props below each other, cm. */
const LINE = 25;
/** From the edge of a place to the middle of what lies beside it, cm. */
const ASIDE = 17;

function Place({ spot, needs, name, isWrong, isSelected }: DrawnPlace & { isSelected: boolean }) {
  const { across, along } = PLACE_SIZES[needs.kind];
  const plain = isSelected ? 'stroke-teal' : 'stroke-strong-line';
  const nameY = nameYOf(spot, needs.kind);
  return (
    <>
      <g transform={`translate(${spot.xCm} ${spot.yCm}) rotate(${spot.heading})`}>
        <rect
          x={-across / 2}
          y={-along / 2}
          width={across}
          height={along}
          rx={8}
          strokeWidth={isSelected || isWrong ? 5 : 2}
          className={`seat ${isSelected ? 'fill-teal-wash' : 'fill-paper'} ${isWrong ? 'stroke-clay' : plain}`}
        />
        {needs.kind !== 'mat' && <Chair along={along} hasWheels={needs.kind === 'wheelchair'} />}
        {/* Which way she faces. */}
        <path
          d={`M -12 ${-along / 2 + 22} L 0 ${-along / 2 + 10} L 12 ${-along / 2 + 22}`}
          fill="none"
          strokeWidth={4}
          className="stroke-teal"
        />
      </g>
      <text
        x={spot.xCm}
        y={nameY}
        textAnchor="middle"
        strokeWidth={8}
        paintOrder="stroke"
        strokeLinejoin="round"
        className={
          'fill-ink text-[32px] font-bold print:stroke-none ' +
          (isSelected ? 'stroke-teal-wash' : 'stroke-paper')
        }
      >
        {name}
      </text>
    </>
  );
}

/** Where somebody's name stands: at the foot of a mat, before a chair. */
function nameYOf(spot: Spot, kind: PlaceNeeds['kind']): number {
  const { front, back } = footprintOf(spot, kind);
  if (kind !== 'mat') return front - 10;
  return isAcross(spot) ? spot.yCm + 10 : back - 24;
}

const isAcross = ({ heading }: Spot): boolean => heading % 180 !== 0;

/** Which place of which station somebody has, by her name. */
const StationOf = ({ spot, needs, station }: DrawnPlace) => (
  <text
    x={spot.xCm}
    y={nameYOf(spot, needs.kind) + (needs.kind === 'mat' && isAcross(spot) ? 28 : -34)}
    textAnchor="middle"
    className="fill-soft text-[22px]"
  >
    {station.isAway ? '→ ' : ''}
    {station.station} {station.place}
  </text>
);

/** What lies beside a place: where there is floor, and where her name does not lie. */
function Beside({ spot, needs, beside, room }: DrawnPlace & { room: Room }) {
  const { left, right, front } = footprintOf(spot, needs.kind);
  const x = right + ASIDE > room.widthCm - ASIDE ? left - 2 * ASIDE : right + ASIDE;
  return (
    <g aria-hidden>
      {beside.map(({ prop, count }, i) => (
        <g
          key={prop}
          transform={
            isAcross(spot)
              ? `translate(${spot.xCm + (i - (beside.length - 1) / 2) * 48} ${front - 14})`
              : `translate(${x} ${front + 14 + i * LINE})`
          }
        >
          <PropGlyph prop={prop} />
          {count > 1 && (
            <text x={15} y={7} className="fill-soft text-[20px]">
              {count}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}

/** A seat and its back, behind the name. */
const Chair = ({ along, hasWheels }: { along: number; hasWheels: boolean }) => (
  <g className="fill-sunk stroke-strong-line" strokeWidth={2}>
    <rect x={-23} y={along / 2 - 52} width={46} height={44} rx={5} />
    <rect x={-23} y={along / 2 - 12} width={46} height={7} rx={3} className="fill-strong-line" />
    {hasWheels &&
      [-34, 29].map((x) => <rect key={x} x={x} y={along / 2 - 62} width={5} height={58} rx={2.5} />)}
  </g>
);
