<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Bounds of what is taken in, each with its source: beyond them it is a slip of the keys or no document of ours. */
final class InputLines
{
    /** Smallest volume to make, or sprayer. */
    public const SMALLEST_VESSEL = ['value' => 10.0, 'unit' => 'mL', 'source' => 'house'];

    /** Largest volume to make, or sprayer. */
    public const LARGEST_VESSEL = ['value' => 10_000_000.0, 'unit' => 'mL', 'source' => 'house'];

    /** What a spoon, jug or scale step comes to at least: less than any dropper lets go. */
    public const SMALLEST_MEASURE = ['value' => 0.001, 'unit' => 'mL or g', 'source' => 'house'];

    /** What a spoon, jug or scale step comes to at most: a bucket. */
    public const LARGEST_MEASURE = ['value' => 20_000.0, 'unit' => 'mL or g', 'source' => 'house'];

    /** What has marks and holds no more is a dropper or a syringe: no powder goes into it. */
    public const LARGEST_DROPPER = ['value' => 20.0, 'unit' => 'mL', 'source' => 'house'];

    /** Measures on a bench; the open documents fix it. */
    public const MOST_MEASURES = ['value' => 60, 'unit' => '1', 'source' => 'house'];

    /** Smallest factor of a plan request; the open documents fix it. */
    public const SMALLEST_FACTOR = ['value' => 0.001, 'unit' => '1', 'source' => 'house'];

    /** Largest factor of a plan request; the open documents fix it. */
    public const LARGEST_FACTOR = ['value' => 1000.0, 'unit' => '1', 'source' => 'house'];

    /** Name of a measure. */
    public const LONGEST_MEASURE_NAME = ['value' => 100, 'unit' => 'characters', 'source' => 'house'];

    /** A hand that mixes finer by more than this is a slip of the keys. */
    public const FINEST_HAND = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];

    /** A hand that mixes coarser by more than this is a slip of the keys. */
    public const COARSEST_HAND = ['value' => 20.0, 'unit' => '1', 'source' => 'house'];

    /** A scale that shows coarser steps is no kitchen scale. */
    public const COARSEST_SCALE = ['value' => 100.0, 'unit' => 'g', 'source' => 'house'];

    /** Colder air is not the air of a garden. */
    public const COLDEST_AIR = ['value' => -40.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Hotter air is not the air of a garden. */
    public const HOTTEST_AIR = ['value' => 60.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Ten years: no stretch between rounds or until a harvest is longer. */
    public const LONGEST_DAYS = ['value' => 3660, 'unit' => 'd', 'source' => 'house'];

    /** Of anything in a recipe; nobody mixes more than the largest vessel holds. */
    public const LARGEST_AMOUNT = ['value' => 10_000_000.0, 'unit' => 'mL, g or pieces', 'source' => 'house'];

    /** As CaCO3; sea water has about 6,600 (from memory), and nothing that is sprayed more. */
    public const HARDEST_WATER = ['value' => 10_000.0, 'unit' => 'mg/L', 'source' => 'house'];

    /** Loads of one plan. */
    public const MOST_LOADS = ['value' => 1000, 'unit' => '1', 'source' => 'house'];

    /** Ingredients that a batch document describes. */
    public const MOST_INGREDIENTS = ['value' => 200, 'unit' => '1', 'source' => 'house'];

    /** Things in one load of a batch document. */
    public const MOST_ITEMS = ['value' => 200, 'unit' => '1', 'source' => 'house'];

    /** Measures that one thing of a batch document is taken with. */
    public const MOST_SCOOPS = ['value' => 200, 'unit' => '1', 'source' => 'house'];

    /** Fills of one measure in a batch document. */
    public const MOST_FILLS = ['value' => 1_000_000, 'unit' => '1', 'source' => 'house'];

    /** Key of a thing in a load: a slug and a number. */
    public const LONGEST_KEY = ['value' => 110, 'unit' => 'characters', 'source' => 'house'];

    /** Ticks that a batch document tells of. */
    public const MOST_TICKS = ['value' => 1_000_000, 'unit' => '1', 'source' => 'house'];

    /** Glasses that a batch document tells of. */
    public const MOST_GLASSES = ['value' => 1000, 'unit' => '1', 'source' => 'house'];

    /** Lines of what is really in a batch. */
    public const MOST_MADE_LINES = ['value' => 100_000, 'unit' => '1', 'source' => 'house'];

    /** Spoonfuls of a whole batch. */
    public const MOST_COUNTED = ['value' => 10_000_000, 'unit' => '1', 'source' => 'house'];

    /** The bound of the open documents. */
    public const LONGEST_DOCUMENT = ['value' => 1_000_000, 'unit' => 'bytes', 'source' => 'house'];

    /** Names in one object: far more than any open document has. */
    public const MOST_KEYS = ['value' => 500, 'unit' => '1', 'source' => 'house'];

    /** Lists and objects in one document: far more than its bytes leave room for anything. */
    public const MOST_PARTS = ['value' => 50_000, 'unit' => '1', 'source' => 'house'];

    /** Digits from which on a number may be beyond what is reckoned with. */
    public const LONGEST_NUMBER = ['value' => 300, 'unit' => 'characters', 'source' => 'house'];

    /** Two clocks in one house differ by seconds, and a call takes some: within this they are one. */
    public const SAME_CLOCK = ['value' => 120.0, 'unit' => 's', 'source' => 'house'];

    /** One tap that is sent twice arrives with hours that differ by less. */
    public const SAME_TAP = ['value' => 5, 'unit' => 's', 'source' => 'house'];

    /** Deeper than any open document. */
    public const DEEPEST_DOCUMENT = ['value' => 64, 'unit' => 'levels', 'source' => 'house'];

    /** Lines of a recipe; the open documents fix it. */
    public const MOST_RECIPE_LINES = ['value' => 40, 'unit' => '1', 'source' => 'house'];

    /** A stock within a stock; the open documents fix it. */
    public const DEEPEST_STOCK = ['value' => 3, 'unit' => 'levels', 'source' => 'house'];

    /** Name of anything; the open documents fix it. */
    public const LONGEST_NAME = ['value' => 200, 'unit' => 'characters', 'source' => 'house'];

    /** Notes; the open documents fix it. */
    public const LONGEST_NOTES = ['value' => 4000, 'unit' => 'characters', 'source' => 'house'];

    /** Minutes that a spray may be told to stay on before it is brushed or rinsed. */
    public const LONGEST_SOAK = ['value' => 240, 'unit' => 'min', 'source' => 'house'];

    /** Slug of a recipe; the open documents fix it. */
    public const LONGEST_SLUG = ['value' => 100, 'unit' => 'characters', 'source' => 'house'];

    /** Slug that is made from a name: leaves room for a number behind it. */
    public const LONGEST_MADE_SLUG = ['value' => 90, 'unit' => 'characters', 'source' => 'house'];

    /** A line as it was said. */
    public const LONGEST_PHRASE = ['value' => 200, 'unit' => 'characters', 'source' => 'house'];

    /** Nobody measures out more of anything. */
    public const LARGEST_NUMBER = ['value' => 1_000_000.0, 'unit' => '1', 'source' => 'house'];

    /** Unsure things of one load: more make the range useless. */
    public const MOST_UNSURE = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** Spoonfuls that somebody may have lost count of. */
    public const MOST_LOST = ['value' => 10_000, 'unit' => '1', 'source' => 'house'];

    /** Share that “about” may be off, and a whole one at least. */
    public const LOOSELY = ['value' => 0.2, 'unit' => '1', 'source' => 'house'];

    /** Letters of a count that was said. */
    public const LONGEST_COUNT = ['value' => 60, 'unit' => 'characters', 'source' => 'house'];

    /** Slips of one load. */
    public const MOST_SLIPS = ['value' => 10, 'unit' => '1', 'source' => 'house'];

    /** Where a limit comes from, in words. */
    public const LONGEST_CITATION = ['value' => 1000, 'unit' => 'characters', 'source' => 'house'];

    /** Code of a unit. */
    public const LONGEST_UNIT = ['value' => 20, 'unit' => 'characters', 'source' => 'house'];

    /** A UUID. */
    public const LONGEST_ID = ['value' => 36, 'unit' => 'characters', 'source' => 'house'];

    /** Strengths that are told of one spray. */
    public const MOST_STRENGTHS = ['value' => 20, 'unit' => '1', 'source' => 'house'];

    /** Of what was not understood, what is said back. */
    public const LONGEST_ECHO = ['value' => 40, 'unit' => 'characters', 'source' => 'house'];

    /** A shorter word is not guessed at when it is not known. */
    public const SHORTEST_GUESSED = ['value' => 4, 'unit' => 'characters', 'source' => 'house'];

    /** A shorter word is not mended when it is misspelt: too many are near. */
    public const SHORTEST_MENDED = ['value' => 4, 'unit' => 'letters', 'source' => 'house'];

    /** From here on two letters may be wrong. */
    public const LONG_WORD = ['value' => 7, 'unit' => 'letters', 'source' => 'house'];

    /** Two amounts of one kind said for the same agree within this: what rounding to spoons makes of mL, and no more. */
    public const SAME_SAID = ['value' => 0.04, 'unit' => '1', 'source' => 'house'];

    /** And of two kinds, by weight and by spoon: a spoon of powder is no surer. */
    public const SAME_KINDS_SAID = ['value' => 0.15, 'unit' => '1', 'source' => 'house'];

    /** Lines of a text that a recipe is looked for in: a page and more. */
    public const MOST_TYPED_LINES = ['value' => 200, 'unit' => '1', 'source' => 'house'];

    /** A cup outside of the United States. */
    public const METRIC_CUP = ['value' => 250.0, 'unit' => 'mL', 'source' => 'practice'];

    /** Ingredients that a recipe without a name is called by. */
    public const NAMES_OF_A_RECIPE = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Up to so many parts of water a part is a cup. */
    public const PARTS_BY_CUP = ['value' => 20.0, 'unit' => 'parts', 'source' => 'house'];

    /** Characters of a line that says how a bottle is filled. */
    public const LONGEST_FILL = ['value' => 80, 'unit' => 'characters', 'source' => 'house'];

    /** Shares of a bottle that is filled, and not quite. */
    public const SHORT_OF_FULL = ['value' => [0.75, 0.8, 0.9], 'unit' => '1', 'source' => 'practice'];

    /** Times the water that a recipe says it makes, at most: “makes 1 quart” beside a quart of water says nothing more of the water. */
    public const MAKES_ABOUT = ['value' => 1.1, 'unit' => '1', 'source' => 'house'];

    /** Words from which on a line may be prose. */
    public const PROSE_WORDS = ['value' => 6, 'unit' => 'words', 'source' => 'house'];

    /** Share of words that are not known from which on a line with an amount is prose. */
    public const PROSE_SHARE = ['value' => 0.3, 'unit' => '1', 'source' => 'house'];

    /** Words in which a stock is looked for in a line. */
    public const MOST_STOCK_WORDS = ['value' => 8, 'unit' => '1', 'source' => 'house'];

    /** Words that one term is made of at most. */
    public const MOST_WORDS = ['value' => 6, 'unit' => '1', 'source' => 'house'];

    /** Cases in one document. */
    public const MOST_CASES = ['value' => 10_000, 'unit' => '1', 'source' => 'house'];

    /** Plants that are sprayed and looked over together. */
    public const MOST_TOGETHER = ['value' => 100, 'unit' => '1', 'source' => 'house'];

    /** Rounds, or counts, of one case. */
    public const MOST_ROWS = ['value' => 2_000, 'unit' => '1', 'source' => 'house'];

    /** A tap that was made while the line was down comes late. */
    public const LATEST_TAP = ['value' => 24, 'unit' => 'h', 'source' => 'house'];

    /** Clocks of two devices differ by no more. */
    public const EARLIEST_TAP = ['value' => 60, 'unit' => 's', 'source' => 'house'];

    /** Nobody counts further by eye. */
    public const MOST_BY_EYE = ['value' => 1_000_000.0, 'unit' => '1', 'source' => 'house'];

    /** Spots that a look may have. */
    public const MOST_SPOTS = ['value' => 100, 'unit' => '1', 'source' => 'house'];
}
