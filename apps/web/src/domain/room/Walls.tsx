import type { Door, Room, Wall } from '@lotus-steady/core';

/** A wall is drawn so thick, and a door so wide, cm. */
const THICK = 12;
const DOOR = 90;
/** Shown under the room, cm. */
const METRE = 100;

/** Floor, walls and doors; a wall that one can lean on is drawn whole, all others as a line. */
export const Walls = ({ room }: { room: Room }) => {
  const { widthCm, depthCm, doors, freeWalls } = room;
  return (
    <g>
      <rect width={widthCm} height={depthCm} className="fill-ground stroke-strong-line" strokeWidth={3} />
      {freeWalls.map((wall) => (
        <rect key={wall} {...stripOf(wall, room)} className="fill-wheat" />
      ))}
      {doors.map((door) => (
        <DoorLeaf key={`${door.wall} ${door.atCm}`} door={door} room={room} />
      ))}
      <g transform={`translate(0 ${depthCm + 34})`} aria-hidden>
        <path d={`M 0 -8 V 0 H ${METRE} V -8`} fill="none" strokeWidth={3} className="stroke-soft" />
        <text x={METRE + 10} y={0} className="fill-soft text-[20px]">
          1 m
        </text>
      </g>
    </g>
  );
};

function stripOf(wall: Wall, { widthCm, depthCm }: Room) {
  const isAcross = wall === 'front' || wall === 'back';
  return {
    x: wall === 'right' ? widthCm : -THICK,
    y: wall === 'back' ? depthCm : -THICK,
    width: isAcross ? widthCm + 2 * THICK : THICK,
    height: isAcross ? THICK : depthCm + 2 * THICK,
  };
}

/** A door that stands open into the room: its leaf, and the way it swings. */
function DoorLeaf({ door: { wall, atCm }, room: { widthCm, depthCm } }: { door: Door; room: Room }) {
  const turn = { front: 0, right: 90, back: 180, left: 270 }[wall];
  const x = { front: atCm, back: atCm, left: 0, right: widthCm }[wall];
  const y = { front: 0, back: depthCm, left: atCm, right: atCm }[wall];
  const half = DOOR / 2;
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      <rect x={-half} y={-THICK - 2} width={DOOR} height={THICK + 4} className="fill-ground" />
      <path
        d={`M ${-half} 0 V ${DOOR} A ${DOOR} ${DOOR} 0 0 0 ${half} 0`}
        fill="none"
        strokeWidth={3}
        className="stroke-strong-line"
      />
      <text
        transform={wall === 'back' ? 'translate(0 -32) rotate(180)' : 'translate(0 -16)'}
        textAnchor="middle"
        className="fill-soft text-[20px]"
      >
        door
      </text>
    </g>
  );
}
