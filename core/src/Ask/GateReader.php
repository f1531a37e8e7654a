<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use DateTimeImmutable;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Bench\WaterReader;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Gate\BottleNow;
use IdleMixer\Core\Gate\HadRound;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Leaf\Burn;
use IdleMixer\Core\Leaf\LeafLook;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Leaf\SeenLeaf;
use IdleMixer\Core\Leaf\SinceThen;
use IdleMixer\Core\Leaf\TestedSpray;
use IdleMixer\Core\Leaf\TestLeaves;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Schedule\ShelfLife;
use IdleMixer\Core\Words\Say;

/** Reads what is asked of the gate, strictly: a spray, a plant now, what it had, and leaf tests. */
final readonly class GateReader
{
    private const TICKED = ['all', 'some', 'none'];

    private const SUBSTANCES = ['sulfur', 'copper'];

    /** Stands for the bottle that is asked about. */
    private const THIS_BOTTLE = 'this';

    /** Rounds of the past, and leaf tests, that are read. */
    private const MOST = InputLines::MOST_ROWS['value'];

    /** Any day: what is asked is told in days before it. */
    private const TODAY = '2026-06-15T12:00:00Z';

    public function __construct(
        private AskedSpray $sprays,
        private PlantReader $plants,
        private ToleranceCatalogue $classes,
        private ShelfLife $shelfLife,
    ) {}

    public static function shipped(): self
    {
        return new self(new AskedSpray(BenchReader::shipped()), PlantReader::shipped(), ToleranceCatalogue::shipped(), ShelfLife::shipped());
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): Question
    {
        $object = $node->object(['spray', 'plant', 'had', 'tests', 'everyDays', 'water', 'waterTemperature_C']);
        $now = new DateTimeImmutable(self::TODAY);
        $water = (new WaterReader())->read($object->filled('water'));
        $celsius = $object->filled('waterTemperature_C')?->number();
        if ($celsius !== null && ($celsius < WaterReader::COLDEST || $celsius > WaterReader::HOTTEST)) {
            throw $object->get('waterTemperature_C')->fault(Say::it('bench/water-reader.water-liquid-from-0-to'));
        }
        $tested = array_map(fn(Node $test): ?TestedSpray => $this->test($test, $now), $object->filled('tests')?->items(0, self::MOST, Say::it('ask/gate-reader.leaf-tests')) ?? []);

        return Question::for(
            $this->spray($object->get('spray')),
            $this->whom($object->get('plant'), $object->filled('had'), array_values(array_filter($tested)), $now),
            $this->classes,
            $object->filled('everyDays')?->positive(InputLines::LONGEST_DAYS['value']),
            null,
            $celsius ?? $water->temperature?->celsius(),
        );
    }

    /**
     * A plant now, with what it had.
     *
     * @param list<TestedSpray> $tested
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function whom(Node $plant, ?Node $had, array $tested = [], DateTimeImmutable $now = new DateTimeImmutable(self::TODAY)): Whom
    {
        [$rounds, $burns, $days] = $this->had($had?->items(0, self::MOST, 'rounds') ?? [], $now);

        return new Whom($this->plants->read($plant), new PlantHad($rounds, $days['sulfur'] ?? null, $days['copper'] ?? null), new Proof([...$burns, ...$tested]), $now);
    }

    private function spray(Node $node): SprayNow
    {
        $object = $node->object([...AskedSpray::KEYS, 'bottle']);
        $asked = $this->sprays->read($object);
        $bottle = $object->filled('bottle');

        return $asked->now($bottle === null ? null : $this->bottle($bottle, $asked));
    }

    private function bottle(Node $node, ToldSpray $spray): BottleNow
    {
        $object = $node->object(['madeHoursAgo', 'ticked', 'sprayerHadWeedKiller']);
        $keeps = $this->shelfLife->of($spray->mixture, $spray->recipe->use);
        $made = $object->filled('madeHoursAgo');

        return new BottleNow(
            $made === null ? 0.0 : self::upTo($made, InputLines::LONGEST_DAYS['value'] * 24.0),
            $keeps->strict->value,
            $keeps->patient->value,
            ($object->filled('ticked')?->word(self::TICKED, Say::it('ask/gate-reader.way-of-ticking')) ?? self::TICKED[0]) === self::TICKED[0],
            hadWeedKiller: $object->filled('sprayerHadWeedKiller')?->flag() ?? false,
            name: self::THIS_BOTTLE,
        );
    }

    /**
     * @param list<Node> $items
     *
     * @return array{list<HadRound>, list<TestedSpray>, array<string, float>} rounds, what burnt after them, days since each substance
     */
    private function had(array $items, DateTimeImmutable $now): array
    {
        $rounds = $burns = $days = [];
        foreach ($items as $i => $item) {
            if ($item->object(['daysAgo', 'substance', ...AskedSpray::KEYS, 'rinsed', 'burntPercent'])->filled('substance') !== null) {
                $object = $item->object(['daysAgo', 'substance']);
                $what = $object->get('substance')->word(self::SUBSTANCES, 'substance');
                $ago = self::upTo($object->get('daysAgo'), InputLines::LONGEST_DAYS['value']);
                $days[$what] = min($days[$what] ?? \INF, $ago);
                continue;
            }
            $object = $item->object(['daysAgo', ...AskedSpray::KEYS, 'rinsed', 'burntPercent']);
            $spray = $this->sprays->read($object);
            $ago = self::upTo($object->get('daysAgo'), InputLines::LONGEST_DAYS['value']);
            $burnt = $object->filled('burntPercent');
            $share = $burnt === null ? null : self::upTo($burnt, 100.0);
            $rounds[] = new HadRound($ago, $spray->recipe->use, $spray->strengths(), $spray->composition(), $object->filled('rinsed')?->flag() ?? false, $share);
            if ($share !== null && $share > 0.0) {
                $at = self::ago($now, $ago);
                $burns[] = new TestedSpray($i, Burn::asTest($at, $at, $share), $spray->composition(), round: true);
            }
        }

        return [$rounds, $burns, $days];
    }

    /** @return TestedSpray|null null where it was on another kind of plant */
    private function test(Node $node, DateTimeImmutable $now): ?TestedSpray
    {
        $object = $node->object(['daysAgo', ...AskedSpray::KEYS, 'leaves', 'worstPercent', 'sameKind', 'thisBottle', 'sinceThen']);
        $spray = $this->sprays->read($object);
        $leaves = (int) ($object->filled('leaves')?->countUpTo(InputLines::MOST_ROWS['value']) ?? LeafLines::USUAL_LEAVES['value']);
        $worst = self::upTo($object->get('worstPercent'), 100.0);
        $begun = self::ago($now, self::upTo($object->get('daysAgo'), InputLines::LONGEST_DAYS['value']));
        $since = array_map(static fn(Node $one): SinceThen => SinceThen::from($one->word(array_column(SinceThen::cases(), 'value'), Say::it('ask/gate-reader.thing-that-happened'))), $object->filled('sinceThen')?->items(0, count(SinceThen::cases()), Say::it('ask/gate-reader.things-that-happened')) ?? []);
        $seen = [];
        for ($leaf = 1; $leaf <= $leaves; ++$leaf) {
            $share = $leaf === 1 ? $worst : 0.0;
            $seen[] = new SeenLeaf($leaf, $share, $share, $share);
        }
        // It was read when the shortest wait that anybody keeps was over, or it still waits.
        $wait = min(LeafLines::WAITS['value']);
        $read = $begun->modify("+{$wait} hours");
        $test = new LeafTest($begun, $wait, TestLeaves::of(max(1, $leaves), [1.0], false), $leaves < 1 || ($read > $now && $worst <= LeafLines::CLEAN['value']) ? [] : [new LeafLook(min($read, $now), $seen)]);

        return ($object->filled('sameKind')?->flag() ?? true) ? new TestedSpray(0, $test, $spray->composition(), bottle: ($object->filled('thisBottle')?->flag() ?? false) ? self::THIS_BOTTLE : '', since: $since, grades: $spray->mixture->grades()) : null;
    }

    private static function ago(DateTimeImmutable $now, float $days): DateTimeImmutable
    {
        return $now->modify('-' . (int) round($days * 24.0 * 3600.0) . ' seconds');
    }

    /** @throws InvalidDocument when it is below 0 or above */
    private static function upTo(Node $node, float $most): float
    {
        $number = $node->number();

        return $number < 0.0 || $number > $most ? throw $node->fault(Say::it('ask/gate-reader.number-from-0', ['most' => $most])) : $number;
    }
}
