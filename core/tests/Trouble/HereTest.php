<?php

declare(strict_types=1);

use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Trouble\Diagnosis;
use IdleMixer\Core\Trouble\Here;
use IdleMixer\Core\Trouble\MovedBy;
use IdleMixer\Core\Trouble\Sign;
use IdleMixer\Core\Trouble\Suspect;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Trouble\YearTime;

/*
 * What a plant is, where it stands, the time of year and what was here before move what signs may come from. Written down before the
 * rule; each row is common practice, no source: what gardeners and handbooks name first on that plant, at that place and time.
 */

/**
 * @param list<string>       $signs
 * @param array<string, int> $had   cases here, by trouble
 *
 * @return array<string, Suspect> by trouble, likeliest first
 */
function suspectedHere(array $signs, string $kind = '', ?bool $indoors = null, ?YearTime $time = null, array $had = []): array
{
    $here = new Here($kind === '' ? null : KindCatalogue::shipped()->read($kind)?->slug, $indoors, $time, $had);
    $all = [];
    foreach ((new Diagnosis(TroubleCatalogue::shipped(), array_fill_keys($signs, true), $here))->each() as $suspect) {
        $all[$suspect->troubles[0]->slug] = $suspect;
    }

    return $all;
}

it('names first what is common there', function (array $signs, string $kind, ?bool $indoors, ?YearTime $time, string $first, string $then): void {
    /** @var list<string> $signs */
    $chance = array_map(static fn(Suspect $suspect): float => $suspect->chance, suspectedHere($signs, $kind, $indoors, $time));
    expect($chance[$first] ?? 0.0)->toBeGreaterThan($chance[$then] ?? 0.0);
})->with([
    'sticky leaves on a lemon in a room' => [['honeydew'], 'lemon', true, YearTime::Winter, 'scale', 'aphids'],
    'sticky leaves on a bean in the bed' => [['honeydew'], 'bean', false, YearTime::Summer, 'aphids', 'scale'],
    'sticky leaves on an orchid' => [['honeydew'], 'moth orchid', true, null, 'mealybugs', 'aphids'],
    'sticky leaves on a fuchsia in a greenhouse' => [['honeydew'], 'fuchsia', true, YearTime::Summer, 'whitefly', 'scale'],
    'holes in a cabbage' => [['holes'], 'cabbage', false, YearTime::Summer, 'caterpillars', 'slugs'],
    'holes in a hosta' => [['holes'], 'blue hosta', false, YearTime::Summer, 'slugs', 'caterpillars'],
    'holes in a potato' => [['holes'], 'potato', false, YearTime::Summer, 'leaf-beetles', 'caterpillars'],
    'fringed spots on a rose' => [['fringed-spots'], 'rose', false, YearTime::Summer, 'black-spot', 'early-blight'],
    'ringed spots on a tomato' => [['ringed-spots'], 'tomato', false, YearTime::Summer, 'early-blight', 'black-spot'],
    'pale between the veins of a blueberry' => [['pale-between-veins'], 'blueberry', false, null, 'iron-hunger', 'magnesium-hunger'],
    'pale between the veins of a tomato' => [['pale-between-veins'], 'tomato', false, null, 'magnesium-hunger', 'iron-hunger'],
    'white wool on the bark of an apple' => [['woolly-bark', 'white-fluff'], 'apple', false, YearTime::Summer, 'woolly-aphids', 'mealybugs'],
    'white wool on a jade plant' => [['white-fluff'], 'jade plant', true, YearTime::Winter, 'mealybugs', 'woolly-aphids'],
    'brown tips in a heated room' => [['brown-tips'], '', true, YearTime::Winter, 'salt-burn', 'sunburn'],
    'brown tips in the bed in summer' => [['brown-tips'], '', false, YearTime::Summer, 'drought', 'salt-burn'],
    'yellow leaves in a room in winter' => [['yellow-patches'], '', true, YearTime::Winter, 'overwatering', 'rust'],
    'dry air and leaves that fall, in a heated room' => [['hot-dry-air', 'leaf-drop'], '', true, YearTime::Winter, 'spider-mites', 'cold'],
    'bleached in the bed in summer' => [['bleached'], '', false, YearTime::Summer, 'sunburn', 'cold'],
    'curled tips on a plum in spring' => [['curled-tips'], 'plum', false, YearTime::Spring, 'aphids', 'broad-mites'],
    'curled tips on a pepper under glass' => [['curled-tips', 'bronzing'], 'pepper', true, YearTime::Summer, 'broad-mites', 'cold'],
    'puckered red leaves on a peach' => [['puckered-red'], 'peach', false, YearTime::Spring, 'leaf-curl', 'aphids'],
    'pustules on a hollyhock' => [['pustules'], 'hollyhock', false, YearTime::Summer, 'rust', 'powdery-mildew'],
    'a white film on a courgette' => [['white-film'], 'courgette', false, YearTime::Summer, 'powdery-mildew', 'spray-residue'],
    'tunnels in spinach' => [['tunnels'], 'spinach', false, YearTime::Spring, 'leaf-miner', 'caterpillars'],
]);

it('takes what was here before for likelier, and says so', function (): void {
    $without = suspectedHere(['honeydew']);
    $with = suspectedHere(['honeydew'], had: ['whitefly' => 2]);

    expect($with['whitefly']->chance)->toBeGreaterThan($without['whitefly']->chance)
        ->and($with['whitefly']->moved)->toBe([MovedBy::HadHere])->and($without['whitefly']->moved)->toBe([])
        // A habit is no proof: what the signs say counts for more.
        ->and(array_key_first(suspectedHere(['webs', 'stipple'], had: ['mealybugs' => 9])))->toBe('spider-mites');
});

it('says of each what moved it', function (): void {
    $moved = static fn(string $trouble, Suspect ...$all): array => $all[$trouble]->moved ?? [];
    expect($moved('scale', ...suspectedHere(['honeydew'], 'lemon', true)))->toBe([MovedBy::OftenOnKind, MovedBy::OftenIndoors])
        ->and($moved('black-spot', ...suspectedHere(['fringed-spots'], 'rose')))->toBe([MovedBy::OftenOnKind])
        ->and($moved('mealybugs', ...suspectedHere(['white-fluff'], '', false)))->toBe([MovedBy::SeldomOutdoors])
        ->and($moved('sunburn', ...suspectedHere(['bleached'], '', false, YearTime::Winter)))->toBe([MovedBy::SeldomNow]);
});

it('gives each of several that are there at once its own signs, whatever is known of the plant', function (): void {
    // Leaves that fall come with soaked roots, mites, rust and more: the webs are of the mites alone, the flies of the gnats.
    $each = suspectedHere(['soil-flies', 'webs', 'ringed-spots', 'fringed-spots', 'leaf-drop'], 'tomato', false, YearTime::Summer);
    $signs = array_map(static fn(Suspect $suspect): array => array_map(static fn(Sign $sign): string => $sign->slug, $suspect->for), $each);
    expect($signs['spider-mites'])->toBe(['webs'])->and($signs['fungus-gnats'])->toBe(['soil-flies']);
});

it('says what it did where nothing of it is known, and never lowers what is made likelier', function (): void {
    $catalogue = TroubleCatalogue::shipped();
    mt_srand(20261201);
    for ($i = 0; $i < 300; ++$i) {
        $signs = array_fill_keys(array_rand($catalogue->signs, mt_rand(2, 4)), true);
        $suspects = static function (?Here $here) use ($catalogue, $signs): array {
            $all = [];
            foreach ((new Diagnosis($catalogue, $signs, $here))->each() as $suspect) {
                $all[$suspect->troubles[0]->slug] = $suspect;
            }

            return $all;
        };
        $plain = $suspects(null);
        $some = array_rand($catalogue->troubles);
        $likelier = $suspects(new Here(null, null, null, [$some => 1]))[$some] ?? null;
        // Troubles are others then, and all that is said of them is the same.
        expect(array_map(static fn(Suspect $one): array => [$one->troubles[0]->slug, $one->chance, $one->for, $one->missing], $suspects(new Here(null, null, null, []))))
            ->toEqual(array_map(static fn(Suspect $one): array => [$one->troubles[0]->slug, $one->chance, $one->for, $one->missing], $plain))
            ->and($likelier->chance ?? 0.0)->toBeGreaterThanOrEqual(($plain[$some]->chance ?? 0.0) - 1e-9);
    }
});

it('names only plants that are known', function (): void {
    $known = KindCatalogue::shipped()->slugs();
    $named = array_merge(...array_values(array_map(static fn(Trouble $trouble): array => $trouble->where->kinds, TroubleCatalogue::shipped()->troubles)));
    expect(array_diff($named, $known))->toBe([])->and(count($named))->toBeGreaterThan(100);
});

it('tells the time of the year by month and half of the earth', function (): void {
    expect(YearTime::of(new DateTimeImmutable('2026-01-15'), false))->toBe(YearTime::Winter)
        ->and(YearTime::of(new DateTimeImmutable('2026-01-15'), true))->toBe(YearTime::Summer)
        ->and(YearTime::of(new DateTimeImmutable('2026-03-01'), false))->toBe(YearTime::Spring)
        ->and(YearTime::of(new DateTimeImmutable('2026-11-30'), false))->toBe(YearTime::Autumn)
        ->and(YearTime::of(new DateTimeImmutable('2026-12-01'), false))->toBe(YearTime::Winter);
});
