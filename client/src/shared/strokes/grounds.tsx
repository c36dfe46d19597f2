import type { ReactNode } from "react";
import type { Schemas } from "../../api/client";

export type GroundName = Schemas["Ground"];

/** What lies under the hand: its outline, what is drawn on it, and the part of it that the hand goes over. */
export type GroundShape = {
  outline: string;
  /** The part the strokes fill: left, top, right, bottom. */
  field: [number, number, number, number];
  /** How far the field narrows on either side from bottom to top. */
  lean: number;
  detail?: ReactNode;
  dashed?: boolean;
};

/** All grounds are drawn in a box of this size. */
export const WIDE = 350;
export const HIGH = 200;

const fine = {
  fill: "none",
  stroke: "var(--ink)",
  strokeWidth: 1.1,
  opacity: 0.75,
} as const;

export const GROUNDS: Record<GroundName, GroundShape> = {
  windscreen: {
    outline: "M48 16Q175 -2 302 16L340 172Q175 204 10 172Z",
    field: [46, 30, 304, 160],
    lean: 26,
    detail: (
      <>
        <path d="M18 138Q175 158 332 138L340 172Q175 204 10 172Z" fill="var(--t2)" stroke="none" />
        <path d="M18 138Q175 158 332 138" {...fine} strokeDasharray="2 4" />
        <path
          d="M150 5.500Q175 4.500 200 5.500L196 18Q175 17 154 18Z"
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth="1.3"
        />
      </>
    ),
  },
  pane: {
    outline:
      "M104 14H318Q330 14 331 26L338 172Q338 184 326 184H26Q12 184 18 172L92 22Q96 14 104 14Z",
    field: [78, 32, 318, 166],
    lean: 0,
  },
  linedPane: {
    outline: "M52 18Q175 4 298 18L334 168Q175 196 16 168Z",
    field: [48, 36, 302, 156],
    lean: 18,
    detail: (
      <path
        d="M46 44Q175 32 304 44M40 70Q175 58 310 70M34 96Q175 84 316 96M28 122Q175 112 322 122M22 148Q175 140 328 148"
        {...fine}
        strokeWidth={0.9}
      />
    ),
  },
  panel: {
    outline: "M34 22H316Q330 22 330 36V164Q330 178 316 178H34Q20 178 20 164V36Q20 22 34 22Z",
    field: [44, 42, 306, 158],
    lean: 0,
    detail: <path d="M34 30H316Q322 30 322 36" {...fine} />,
  },
  display: {
    outline: "M52 24H298Q312 24 312 38V162Q312 176 298 176H52Q38 176 38 162V38Q38 24 52 24Z",
    field: [66, 50, 284, 150],
    lean: 0,
    detail: (
      <path
        d="M54 34H296Q302 34 302 40V160Q302 166 296 166H54Q48 166 48 160V40Q48 34 54 34Z"
        {...fine}
      />
    ),
  },
  seat: {
    outline:
      "M146 6H204Q214 6 214 16V30Q214 40 204 40H196V46H222Q244 46 250 68L262 124Q270 128 272 142L276 176Q276 192 260 192H90Q74 192 74 176L78 142Q80 128 88 124L100 68Q106 46 128 46H154V40H146Q136 40 136 30V16Q136 6 146 6Z",
    field: [112, 62, 238, 176],
    lean: -12,
    detail: (
      <>
        <path d="M88 124Q175 140 262 124" {...fine} />
        <path d="M128 52 118 122M222 52 232 122" {...fine} strokeDasharray="4 3" />
      </>
    ),
  },
  strip: {
    outline: "M26 76H324Q338 76 338 90V110Q338 124 324 124H26Q12 124 12 110V90Q12 76 26 76Z",
    field: [34, 86, 316, 114],
    lean: 0,
  },
  rim: {
    outline: "M175 8A92 92 0 1 1 174.900 8ZM175 38A62 62 0 1 0 175.100 38Z",
    field: [122, 84, 228, 116],
    lean: 0,
    detail: (
      <>
        <path d="M175 82A18 18 0 1 1 174.900 82Z" {...fine} />
        <path d="M157 100H113M193 100H237M175 118V162" {...fine} strokeWidth={5} opacity={0.28} />
      </>
    ),
  },
  floor: {
    outline:
      "M60 18H290Q304 18 306 32L326 164Q328 182 312 182H196L186 166H164L154 182H38Q22 182 24 164L44 32Q46 18 60 18Z",
    field: [62, 38, 288, 150],
    lean: 12,
    detail: (
      <path
        d="M74 46v6M120 40v6M166 46v6M212 40v6M258 46v6M66 160v6M112 164v6M238 164v6M284 160v6"
        {...fine}
      />
    ),
  },
  louvres: {
    outline: "M58 30H292Q304 30 304 42V158Q304 170 292 170H58Q46 170 46 158V42Q46 30 58 30Z",
    field: [66, 48, 284, 152],
    lean: 0,
    detail: (
      <path
        d="M52 54H298M52 77H298M52 100H298M52 123H298M52 146H298M175 30V170"
        {...fine}
        strokeWidth={1.4}
      />
    ),
  },
  roof: {
    outline:
      "M44 30Q175 12 306 30Q326 34 328 54L334 150Q334 170 314 172Q175 184 36 172Q16 170 16 150L22 54Q24 34 44 30Z",
    field: [58, 52, 292, 152],
    lean: 0,
    dashed: true,
  },
  cup: {
    outline: "M110 34A66 66 0 1 1 109.900 34ZM250 44A56 56 0 1 1 249.900 44Z",
    field: [66, 56, 154, 144],
    lean: 0,
    detail: <path d="M110 52A48 48 0 1 1 109.900 52ZM250 62A38 38 0 1 1 249.900 62Z" {...fine} />,
  },
  pedals: {
    outline:
      "M40 58H128Q138 58 138 68V132Q138 142 128 142H40Q30 142 30 132V68Q30 58 40 58ZM222 26H272Q284 26 284 38V170Q284 182 272 182H222Q210 182 210 170V38Q210 26 222 26Z",
    field: [42, 70, 126, 130],
    lean: 0,
    detail: (
      <path
        d="M36 76H132M36 92H132M36 108H132M36 124H132M216 50H278M216 74H278M216 98H278M216 122H278M216 146H278"
        {...fine}
      />
    ),
  },
  cabin: {
    outline:
      "M40 100Q40 56 92 50Q140 30 206 36Q262 40 288 62Q322 66 326 100Q322 134 288 138Q262 160 206 164Q140 170 92 150Q40 144 40 100Z",
    field: [110, 66, 270, 134],
    lean: 0,
    detail: (
      <path
        d="M112 62Q96 100 112 138M262 62Q272 100 262 138M190 62V138M130 66H176M130 134H176M204 66H250M204 134H250"
        {...fine}
      />
    ),
  },
};
