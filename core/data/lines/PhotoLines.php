<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/**
 * Numbers that decide how a photograph of a leaf is read. All are our own, set on made leaves whose injured area is known;
 * docs/photographs.md says how near they come. Lightness, chroma and hue are those of CIELAB (0 to 100; degrees).
 */
final class PhotoLines
{
    /** Larger files, and pictures with more pixels, are refused before they are decoded. */
    public const MOST_BYTES = ['value' => 25_000_000, 'unit' => 'B', 'source' => 'house'];

    /** At most so many points: 12 megapixels and the few by which cameras go beyond. */
    public const MOST_PIXELS = ['value' => 12_600_000, 'unit' => '1', 'source' => 'house'];

    /** A side shorter than this shows too little. */
    public const LEAST_SIDE = ['value' => 120, 'unit' => '1', 'source' => 'house'];

    /** Longest side of what a device sends and is kept, and how well it is kept (JPEG quality of libjpeg). */
    public const KEPT_SIDE = ['value' => 1600, 'unit' => '1', 'source' => 'house'];

    /** How well it is kept (JPEG quality of libjpeg). */
    public const KEPT_QUALITY = ['value' => 82, 'unit' => '1', 'source' => 'house'];

    /** Long side of what is measured: more changes nothing but the time. */
    public const WORK_SIDE = ['value' => 480, 'unit' => '1', 'source' => 'house'];

    /** Width of the border that shows the paper, by the short side. */
    public const BORDER = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];

    /** Least share of the border that must be one paper. */
    public const PAPER_SHARE = ['value' => 0.55, 'unit' => '1', 'source' => 'house'];

    /** Paper darker than this by its luminance is a dark room, or no paper. */
    public const DARKEST_PAPER = ['value' => 0.045, 'unit' => '1', 'source' => 'house'];

    /** Share by which neighbouring points of paper may differ in brightness, at the median: more is soil or grass. */
    public const PAPER_GRAIN = ['value' => 0.06, 'unit' => '1', 'source' => 'house'];

    /** Distance of colour shares from which a point is no paper; and by how many times the paper's own scatter. */
    public const OFF_PAPER = ['value' => 0.014, 'unit' => '1', 'source' => 'house'];

    /** The same, by the scatter of the paper itself. */
    public const OFF_PAPER_SCATTER = ['value' => 5.0, 'unit' => '1', 'source' => 'house'];

    /** Scatter of colour shares beyond which the border is of several colours: made sheets stay below 0.013, photographs of gardens begin at 0.03. */
    public const PAPER_SCATTER = ['value' => 0.04, 'unit' => '1', 'source' => 'house'];

    /** A point this much darker than the paper in its light is no paper, whatever its colour. */
    public const BLACK = ['value' => 0.12, 'unit' => '1', 'source' => 'house'];

    /** Chroma from which a paper is coloured and not only lit by cool light. */
    public const COLOURED_PAPER = ['value' => 19.0, 'unit' => '1', 'source' => 'house'];

    /** The same for paper of the hues of lamps, which light white paper so strongly. */
    public const LAMP_COLOURED = ['value' => 33.0, 'unit' => '1', 'source' => 'house'];

    /** The hues of lamps begin here. */
    public const LAMP_FROM = ['value' => 45.0, 'unit' => 'deg', 'source' => 'house'];

    /** The hues of lamps end here. */
    public const LAMP_TO = ['value' => 105.0, 'unit' => 'deg', 'source' => 'house'];

    /** Side of the cells whose light is looked at, in points. */
    public const CELL = ['value' => 8, 'unit' => '1', 'source' => 'house'];

    /** By how much, as a natural logarithm, a lit cell may leave the plane of light; and what is surely in shadow. */
    public const LIT = ['value' => 0.06, 'unit' => '1', 'source' => 'house'];

    /** By how much, as a natural logarithm, a cell is surely in shadow. */
    public const SHADED = ['value' => 0.2, 'unit' => '1', 'source' => 'house'];

    /** Below this share of a shadow a cell is lit, above the rest it is in the shadow: between them is its edge. */
    public const EDGE_SNAP = ['value' => 0.15, 'unit' => '1', 'source' => 'house'];

    /** Share of the paper in shadow from which it is reckoned with. */
    public const SHADOW_SHARE = ['value' => 0.04, 'unit' => '1', 'source' => 'house'];

    /** Width of the edge of a shadow, by the long side, above which nobody can tell it from wet tissue. */
    public const SOFT_EDGE = ['value' => 0.08, 'unit' => '1', 'source' => 'house'];

    /** Least share of the picture that a leaf fills, and most. */
    public const LEAST_LEAF = ['value' => 0.012, 'unit' => '1', 'source' => 'house'];

    /** Most of the picture that a leaf may fill. */
    public const MOST_LEAF = ['value' => 0.85, 'unit' => '1', 'source' => 'house'];

    /** A second piece this large, by the first, is a second leaf. */
    public const SECOND_LEAF = ['value' => 0.22, 'unit' => '1', 'source' => 'house'];

    /** A dead piece this large, by the living one, is a second leaf, unless it is straight-sided. */
    public const DEAD_LEAF = ['value' => 0.4, 'unit' => '1', 'source' => 'house'];

    /** Two bodies joined by a neck this narrow, by the wider body, are two leaves that touch. */
    public const NECK = ['value' => 0.65, 'unit' => '1', 'source' => 'house'];

    /** A third body of at least this share, and this width by the widest, makes it a leaf with leaflets. */
    public const LEAFLET = ['value' => 0.06, 'unit' => '1', 'source' => 'house'];

    /** Width of such a body, by the widest. */
    public const LEAFLET_DEEP = ['value' => 0.4, 'unit' => '1', 'source' => 'house'];

    /** Two bodies are alike in width, and in area by both, from these shares on. */
    public const ALIKE_AREA = ['value' => 0.3, 'unit' => '1', 'source' => 'house'];

    /** Width from which two bodies are alike. */
    public const ALIKE = ['value' => 0.7, 'unit' => '1', 'source' => 'house'];

    /** Hues of printed lines: blue, which no leaf is, and light red. */
    public const INK_FROM = ['value' => 215.0, 'unit' => 'deg', 'source' => 'house'];

    /** Where the hues of blue ink end. */
    public const INK_TO = ['value' => 300.0, 'unit' => 'deg', 'source' => 'house'];

    /** Lightness of printed lines. */
    public const INK_LIGHT = ['value' => 58.0, 'unit' => '1', 'source' => 'house'];

    /** What fills this share of its box is straight-sided: a label, a ruler. */
    public const STRAIGHT = ['value' => 0.85, 'unit' => '1', 'source' => 'house'];

    /** Half the width of a stalk at most. In points. */
    public const STALK = ['value' => 5, 'unit' => '1', 'source' => 'house'];

    /** Gaps in cream that are closed, in points by half. */
    public const CREAM_GAP = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** Half the width of what is too thin to be blade: lines of paper, stalks. In points. */
    public const THIN = ['value' => 2, 'unit' => '1', 'source' => 'house'];

    /** Hues of living green, and of purple leaves. */
    public const GREEN_FROM = ['value' => 103.0, 'unit' => 'deg', 'source' => 'house'];

    /** Where the hues of living green end. */
    public const GREEN_TO = ['value' => 200.0, 'unit' => 'deg', 'source' => 'house'];

    /** Where the hues of purple leaves begin. */
    public const PURPLE_FROM = ['value' => 300.0, 'unit' => 'deg', 'source' => 'house'];

    /** Where the hues of purple leaves end, past 360. */
    public const PURPLE_TO = ['value' => 25.0, 'unit' => 'deg', 'source' => 'house'];

    /** A peak of hues is sizeable from this share of the largest on. */
    public const SIZEABLE = ['value' => 0.22, 'unit' => '1', 'source' => 'house'];

    /** Least share of the leaf that must be healthy, or there is nothing to compare with. */
    public const LEAST_HEALTHY = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];

    /** The hue of yellowing, and how far from it towards the healthy hue the line between them lies. */
    public const YELLOW = ['value' => 94.0, 'unit' => 'deg', 'source' => 'house'];

    /** How far from yellow towards the healthy hue the line between hurt and healthy lies. */
    public const TOWARDS_HEALTHY = ['value' => 0.35, 'unit' => '1', 'source' => 'house'];

    /** Chroma below which a hue says nothing. */
    public const GREY = ['value' => 7.0, 'unit' => '1', 'source' => 'house'];

    /** Lightness, and chroma, of straw and of bleached tissue, and chroma of yellow. */
    public const PALE = ['value' => 66.0, 'unit' => '1', 'source' => 'house'];

    /** Chroma of yellow from. */
    public const YELLOW_CHROMA = ['value' => 42.0, 'unit' => '1', 'source' => 'house'];

    /** Cream of variegated leaves: greener than bleached tissue, and light. */
    public const CREAM_HUE = ['value' => 102.5, 'unit' => 'deg', 'source' => 'house'];

    /** Where the hues of cream end and pale green begins. */
    public const CREAM_TO = ['value' => 116.0, 'unit' => 'deg', 'source' => 'house'];

    /** Lightness of cream. */
    public const CREAM_LIGHT = ['value' => 70.0, 'unit' => '1', 'source' => 'house'];

    /** Chroma of cream. */
    public const CREAM_CHROMA = ['value' => 11.0, 'unit' => '1', 'source' => 'house'];

    /** Cream lies in patches this wide, in points by half, and of this share of the leaf; what is less is the edge of something else. */
    public const CREAM_WIDE = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Share of the leaf that such a patch has at least. */
    public const CREAM_LEAST = ['value' => 0.008, 'unit' => '1', 'source' => 'house'];

    /** Veins that run through wet tissue are wet too: gaps narrower than twice this, in points, are closed. */
    public const VEIN = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** Wet tissue: so much darker, as a natural logarithm, and so much of the leaf at least. */
    public const WET_DARKER = ['value' => 0.62, 'unit' => '1', 'source' => 'house'];

    /** Least share of the leaf that is wet. */
    public const WET_LEAST = ['value' => 0.006, 'unit' => '1', 'source' => 'house'];

    /** Least share of what is of the healthy hue that must be dry: less is sheen, a vein or a turned edge. */
    public const WET_BESIDE = ['value' => 0.15, 'unit' => '1', 'source' => 'house'];

    /** Lightness from which tissue is cream or a pale vein, and no green that could be wet. */
    public const NOT_GREEN = ['value' => 70.0, 'unit' => '1', 'source' => 'house'];

    /** Depth of the valley between healthy and wet, by the lower of the two peaks. */
    public const WET_VALLEY = ['value' => 0.6, 'unit' => '1', 'source' => 'house'];

    /** Glare fades in: from so many points outside its edge to as many inside, it rises by less than this share of its whole. */
    public const EDGE_REACH = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** The share of its whole by which glare rises at most across its edge. */
    public const FADED = ['value' => 0.45, 'unit' => '1', 'source' => 'house'];

    /** Glare is grey, or of a hue that no bleached tissue has. */
    public const GLARE_CHROMA = ['value' => 10.0, 'unit' => '1', 'source' => 'house'];

    /** Paper darker than this by its luminance, and this strong in colour, is coloured paper. */
    public const DIM_PAPER = ['value' => 0.42, 'unit' => '1', 'source' => 'house'];

    /** Chroma of such paper. */
    public const DIM_COLOURED = ['value' => 13.0, 'unit' => '1', 'source' => 'house'];

    /** Patches of fewer points are noise. */
    public const SPECK = ['value' => 6, 'unit' => '1', 'source' => 'house'];

    /** How far a pale patch is followed to where it is half of it, in points. */
    public const HALF_WAY = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** Points at the outline take the class just inside them. */
    public const OUTLINE = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** The same for wet tissue, which a little of the paper's light makes look dry. */
    public const WET_OUTLINE = ['value' => 5, 'unit' => '1', 'source' => 'house'];

    /** How far the whole of the user's slider moves the line between hurt and healthy, in degrees of hue. */
    public const STRICTER = ['value' => 12.0, 'unit' => 'deg', 'source' => 'house'];

    /** No brown or yellow has a hue from here on: what is greener on a purple leaf is its stalk. */
    public const NEVER_BROWN = ['value' => 106.0, 'unit' => 'deg', 'source' => 'house'];

    /** On a green leaf the hues from here to red are hurt as well. */
    public const RED_FROM = ['value' => 330.0, 'unit' => 'deg', 'source' => 'house'];

    /** Lightness of yellowed tissue from. */
    public const YELLOW_LIGHT = ['value' => 59.0, 'unit' => '1', 'source' => 'house'];

    /** Hue of yellowed tissue from; below it is brown or straw. */
    public const YELLOW_FROM = ['value' => 80.0, 'unit' => 'deg', 'source' => 'house'];

    /** Share of the light at which the darkest shadow still shows paper, by what is called black. */
    public const SHADOW_LEAST = ['value' => 0.4, 'unit' => '1', 'source' => 'house'];

    /** Pieces below this share of the picture are scraps. */
    public const SCRAP = ['value' => 0.0012, 'unit' => '1', 'source' => 'house'];

    /** How deep the blurred edge of a leaf is looked for, in points. */
    public const BLURRED = ['value' => 3.0, 'unit' => '1', 'source' => 'house'];

    /** Lightness by which tissue must stand out from the paper for its edge to be told by halves. */
    public const STANDS_OUT = ['value' => 18.0, 'unit' => '1', 'source' => 'house'];

    /** How far the lines are moved to see how the share moves with them: degrees of hue. */
    public const MOVED_HUE = ['value' => 5.0, 'unit' => 'deg', 'source' => 'house'];

    /** Points of percent that a range is wide at least, to either side; and by the share itself. */
    public const LEAST_RANGE = ['value' => 1.0, 'unit' => '%', 'source' => 'house'];

    /** The same, by the share itself. */
    public const RANGE_OF_SHARE = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];

    /** By how much a range is wider where there is a doubt. */
    public const DOUBT_WIDER = ['value' => 2.5, 'unit' => '1', 'source' => 'house'];

    /** A range wider than this, in points of percent, is called unsure. */
    public const UNSURE_RANGE = ['value' => 14.0, 'unit' => '%', 'source' => 'house'];

    /** Below this share, in percent, an injury cannot be told from none. */
    public const NOTHING = ['value' => 0.5, 'unit' => '%', 'source' => 'house'];

    /** Luminance of white paper, by that of perfect white. */
    public const WHITE_PAPER = ['value' => 0.9, 'unit' => '1', 'source' => 'house'];

    /** How far a hue may be from the healthy one and be alive, in degrees. */
    public const ALIVE = ['value' => 24.0, 'unit' => 'deg', 'source' => 'house'];

    /** From the reds of a purple leaf to where brown begins, in degrees. */
    public const PURPLE_ROOM = ['value' => 8.0, 'unit' => 'deg', 'source' => 'house'];

    /** A healthy colour this weak, by its chroma, and what has even less is grey. */
    public const FAINT = ['value' => 0.33, 'unit' => '1', 'source' => 'house'];

    /** Shares from which glare, uneven light and a cut outline make a figure unsure. */
    public const GLARE_SHARE = ['value' => 0.01, 'unit' => '1', 'source' => 'house'];

    /** Share by which the paper leaves the model of light. */
    public const UNEVEN = ['value' => 0.09, 'unit' => '1', 'source' => 'house'];

    /** Share of the outline that is cut off. */
    public const CUT = ['value' => 0.08, 'unit' => '1', 'source' => 'house'];
}
