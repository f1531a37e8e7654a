<?php

declare(strict_types=1);

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Source\SourceCatalogue;
use Tests\Architecture\Literals;
use Tests\Architecture\Sources;

/*
 * A number that decides something stands in core/data with its source, and no rule knows a recipe or an ingredient by name.
 */

/** Files of core/src that may write numbers out, and why. */
const EXPLAINED_NUMBERS = [
    // Definitions of units, and equations of physics and statistics, each with its source in the docblock.
    'Quantity/Unit' => 'definitions of units',
    'Quantity/Temperature' => 'definitions of the scales',
    'Quantity/MeasuredIn' => 'definitions of foot and inch',
    'Habit/Written' => 'definitions of the scales, of inch and mile',
    'Emulsion/HardnessUnit' => 'definitions of degrees of hardness',
    'Emulsion/WaterAt' => 'equations of density and viscosity, and the range they hold for',
    'Emulsion/Stokes' => 'Stokes’ law and gravity',
    'Emulsion/Droplets' => 'quantiles of the normal distribution',
    'Emulsion/BreakUp' => 'surface and volume of a ball: six by the diameter',
    'Population/Forecast' => 'a week has seven days',
    'Population/Growth' => 'bounds between which a root is halved',
    'Population/Guess' => 'which of four guesses is which',
    'Population/Fitting' => 'how many guesses there are, and the steps of Gauss and Newton',
    'Population/Chain' => 'the rule of Runge and Kutta, and the piece within which it stays above none',
    'Weather/Air' => 'equations of moist air',
    'Weather/Sun' => 'equations of the sun',
    'Weather/WeatherReader' => 'degrees of the poles, and length of a time of day',
    'Evidence/Interval' => 'quantiles of the Wilson interval and of the rule of three',
    'Phrase/Pasted' => 'from full width to plain signs, as Unicode has them',
    'Photo/Colours' => 'equations of CIELAB, tabulated',
    'Photo/Lab' => 'equations of CIELAB',
    'Photo/LinearLight' => 'equations of sRGB and of luminance, and weights of a smoothing',
    'Photo/Mask' => 'steps of the 3-4 chamfer',
    'Photo/HealthyColour' => 'degrees of a circle, and bins of it',
    'Photo/Orientation' => 'layout of EXIF',
    'Phrase/MuchReader' => 'a number in brackets is three words',
    'Phrase/PlainText' => 'how many bullets are taken off a line, and up to what length sentences are looked for',
    'Phrase/Spelling' => 'how much less than a wrong letter two swapped ones count',
    'Phrase/Tokenizer' => 'two numbers and the sign between them are three words',
    'Photo/PictureFile' => 'layout of JPEG, PNG and WebP, and quarter turns',
    'Photo/Pixels' => 'layout of a colour',
    'Photo/Shade' => 'how a fit is searched and cut short; held against made leaves',
    'Photo/Paper' => 'how the border is sampled',
    'Photo/LeafFinder' => 'the outline of a square',
    'Photo/TissueMap' => 'thirds of the chamfer',
    'Photo/TwoLeaves' => 'steps of a search',
    'Photo/WetTissue' => 'bins of a histogram, and weights of a smoothing',
    'Photo/HalfWay' => 'half',
    'Photo/Trim' => 'half',
    'Photo/Tissue' => 'numbers of the classes',
    'Leaf/LeafOutline' => 'the drawings themselves',
    'Leaf/LeafDrawer' => 'a generator of chance, and form of the patches; what they cover is counted',
    'Leaf/EyeTest' => 'mixing of a number',
    'Leaf/ReadingReader' => 'most leaves of a document',
    'Evidence/Chance' => 'generators of chance as published: Box and Muller, Marsaglia and Tsang',
    'Evidence/Beta' => 'series of Stirling, and how a fraction is cut short; held against tables',
    'Evidence/LeftInterval' => 'how far and how finely a share is sought',
    'Evidence/Normal' => 'the polynomial of Abramowitz and Stegun 26.2.17; held against their tables',
    'Evidence/RatioOfCounts' => 'a quadratic equation',
    'Evidence/Student' => 'how a bisection is cut short; held against a library',
    'Trouble/YearTime' => 'months of a year, and its four quarters',
    'Evidence/TrueShare' => 'how far and how finely a share is sought, and the density of a normal distribution',
    'Evidence/Trial' => 'seconds of a day',
    'Evidence/Unsprayed' => 'days of a week',
    'Wording/ComparisonWords' => 'days of a week',
    // How a number is read and written.
    'Wording/TrialWords' => 'where tenths are no longer written',
    'Phrase/NumberReader' => 'number words, and tokens of a fraction',
    'Phrase/PhraseWriter' => 'fractions that are written as such',
    'Wording/Figures' => 'fractions and figures that are written',
    'WayOut/Remedy' => 'in what order ways out are offered',
    'Wording/Measures' => 'where three figures turn from mL to L',
    'Wording/Durations' => 'where seconds turn to minutes, and tens',
    'Wording/ChoiceWords' => 'names of the three steps of sureness',
    'Writing/EmulsionWriter' => 'decimals of a forecast',
    'Quantity/Amount' => 'up to where a whole number is exact',
    'Document/Node' => 'how much of a wrong text or name is shown',
    'Document/DayAndHour' => 'length of a date, and of an instant',
    'Document/JsonStream' => 'bytes that are read at a time',
    // How a search is cut short; what it finds is held against brute force.
    'Emulsion/GlassReading' => 'steps of a bisection',
    'Measure/ScoopPlanner' => 'from where on a closed form holds',
    'Measure/NearestScoops' => 'budget of a search',
    'Measure/FewestScoops' => 'budget of a search',
    'Measure/PreDilution' => 'three measures, each filled so often, bound a search',
    // Order and shape.
    'Leaf/Reaction' => 'order of the reactions',
    'Emulsion/Creaming' => 'tenths of a tank',
    'Plan/EmulsionForecast' => 'the last tenth of a tank',
];

/** @return array<string, array{string}> the rows of core/data/lines, by class and name */
function lineClasses(): array
{
    $classes = [];
    foreach ((array) glob(dirname(__DIR__, 2) . '/core/data/lines/*.php') as $file) {
        $name = basename((string) $file, '.php');
        $classes[$name] = ["IdleMixer\\Core\\Data\\{$name}"];
    }

    return $classes;
}

function inCore(string $file): string
{
    return substr($file, strlen(dirname(__DIR__, 2) . '/core/src/'), -strlen('.php'));
}

it('has no deciding number outside core/data', function (): void {
    foreach (Sources::core() as $file) {
        if (! array_key_exists(inCore($file), EXPLAINED_NUMBERS)) {
            expect(Literals::ofFile($file)->deciding())->toBe([], $file);
        }
    }
});

it('explains no file that needs no explanation', function (): void {
    foreach (array_keys(EXPLAINED_NUMBERS) as $name) {
        $file = dirname(__DIR__, 2) . "/core/src/{$name}.php";
        expect(is_file($file) ? Literals::ofFile($file)->deciding() : [])->not->toBe([], $name);
    }
});

it('would notice a deciding number, and lets rounding, percent and unit factors pass', function (string $code, array $found): void {
    expect((new Literals("<?php {$code}"))->deciding())->toBe($found);
})->with([
    ['if ($share > 0.8) { stop(); }', ['line 1: 0.8']],
    ['const FEW = 3;', ['line 1: 3']],
    ['return $a <= $b * (1 + 1e-9) ? 100.0 * $a / 1000 : round($a, 9);', []],
    ['return round(9.5);', ['line 1: 9.5']],
    ['return $percent > -5;', ['line 1: 5']],
]);

it('has for every line a value, a unit and a source that is known', function (string $class): void {
    assert(class_exists($class));
    $constants = (new ReflectionClass($class))->getReflectionConstants();
    $sources = SourceCatalogue::shipped();
    expect($constants)->not->toBe([]);
    foreach ($constants as $constant) {
        $row = $constant->getValue();
        assert(is_array($row));
        expect(array_keys($row))->toBe(['value', 'unit', 'source'], $constant->getName())
            ->and($constant->getDocComment())->toBeString();
        assert(is_string($row['source']) && is_string($row['unit']));
        expect($row['unit'])->not->toBe('')
            ->and($sources->get($row['source'])->citation)->not->toBe('');
    }
})->with(lineClasses());

it('names no recipe and no ingredient in any rule', function (): void {
    $slugs = [...array_keys(Things::of('ingredients')->rows()), ...array_keys(Things::of('sprays')->rows())];
    expect(count($slugs))->toBeGreaterThan(30);
    foreach (Sources::core() as $file) {
        // A kind of substance may be called like the one ingredient that is of it, and what insects lay is called so, too.
        $allowed = in_array(inCore($file), ['Ingredient/Substance', 'Population/Stage'], true) ? ['egg'] : [];
        expect(array_values(array_diff(array_intersect($slugs, Literals::ofFile($file)->texts()), $allowed)))->toBe([], $file);
    }
    expect(array_intersect($slugs, (new Literals("<?php return \$slug === 'neem-oil';"))->texts()))->not->toBe([]);
});
