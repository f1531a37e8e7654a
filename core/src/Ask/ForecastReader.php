<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Population\CountOn;
use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\Life;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\Outbreak;
use IdleMixer\Core\Population\Stage;
use IdleMixer\Core\Population\Treatment;
use IdleMixer\Core\Population\Wanted;
use IdleMixer\Core\Population\Warmths;
use IdleMixer\Core\Words\Say;

/** Reads what is asked to be seen ahead, strictly. */
final readonly class ForecastReader
{
    private const PERCENT = 100.0;

    public function __construct(private LifeCatalogue $lives) {}

    public static function shipped(): self
    {
        return new self(LifeCatalogue::shipped());
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): ForecastAsk
    {
        $object = $node->object(['trouble', 'temperature_C', 'counts', 'rounds', 'days', 'search']);
        $life = $this->life($object->get('trouble'));
        $rows = array_map(static fn(Node $row): Node => $row->object(['on', 'value']), $object->get('counts')->items(1, PopulationLines::MOST_COUNTS['value'], Say::it('ask/forecast-reader.counts')));
        $days = array_map(static fn(Node $row): string => $row->get('on')->day(), $rows);
        assert($days !== []);
        $start = new DateTimeImmutable(min($days), new DateTimeZone('UTC'));
        $on = static function (Node $day, int $from = -PopulationLines::FURTHEST['value']) use ($start): int {
            $after = (int) $start->diff(new DateTimeImmutable($day->day(), new DateTimeZone('UTC')))->format('%r%a');

            return $after >= $from && $after <= PopulationLines::FURTHEST['value'] ? $after : throw $day->fault(Say::it('ask/forecast-reader.too-far', ['days' => PopulationLines::FURTHEST['value'], 'first' => $start->format('Y-m-d')]));
        };
        $counted = array_map(static fn(Node $row): CountOn => new CountOn($on($row->get('on'), 0), $row->get('value')->countUpTo(InputLines::MOST_COUNTED['value'])), $rows);
        usort($counted, static fn(CountOn $a, CountOn $b): int => $a->day <=> $b->day);
        $rounds = array_map(fn(Node $row): Treatment => $this->round($row->object(['on', 'kill', 'residualDays']), $on), $object->filled('rounds')?->items(0, PopulationLines::MOST_COUNTS['value'], Say::it('ask/forecast-reader.rounds')) ?? []);
        assert($counted !== []);
        $last = $counted[count($counted) - 1]->day;

        return new ForecastAsk(
            $start,
            new Outbreak($life, $this->warmths($object->get('temperature_C'), $on), $rounds),
            $counted,
            max($last + 1, $object->filled('days')?->whole(1, PopulationLines::FURTHEST['value']) ?? PopulationLines::USUAL_DAYS['value']),
            $this->wanted($object->filled('search'), $on, $last, array_map(static fn(Treatment $round): int => $round->day, $rounds)),
        );
    }

    /**
     * @param callable(Node): int $on
     *
     * @throws InvalidDocument
     */
    private function round(Node $row, callable $on): Treatment
    {
        return new Treatment($on($row->get('on')), $this->kill($row->get('kill')), $row->filled('residualDays')?->whole(0, PopulationLines::FURTHEST['value']) ?? 0);
    }

    /** @throws InvalidDocument where nothing is known of how it multiplies */
    private function life(Node $trouble): Life
    {
        $slug = $trouble->text(InputLines::LONGEST_SLUG['value'], 1);

        return $this->lives->of($slug) ?? throw $trouble->fault(Say::it('ask/forecast-reader.does-not-multiply', ['known' => implode(', ', $this->lives->troubles())]));
    }

    /**
     * @param callable(Node): int $on
     *
     * @throws InvalidDocument
     */
    private function warmths(Node $node, callable $on): Warmths
    {
        if ($node->isNumber()) {
            return Warmths::steady(AirReader::celsius($node) ?? 0.0);
        }
        $means = [];
        foreach ($node->items(1, InputLines::MOST_ROWS['value'], Say::it('ask/forecast-reader.days')) as $row) {
            $told = $row->object(['on', 'mean_C']);
            $means[$on($told->get('on'))] = AirReader::celsius($told->get('mean_C')) ?? 0.0;
        }
        assert($means !== []);

        return Warmths::told($means);
    }

    /** @throws InvalidDocument */
    private function kill(Node $node): Kill
    {
        $object = $node->object(array_column(Stage::cases(), 'value'));
        $shares = [];
        foreach (Stage::cases() as $stage) {
            $shares[$stage->value] = ($object->filled($stage->value)?->countUpTo(self::PERCENT) ?? 0.0) / self::PERCENT;
        }

        return new Kill($shares);
    }

    /**
     * @param callable(Node, int): int $on
     * @param list<int>                $sprayed days of the rounds
     *
     * @throws InvalidDocument
     */
    private function wanted(?Node $node, callable $on, int $last, array $sprayed): ?Wanted
    {
        if ($node === null) {
            return null;
        }
        $search = $node->object(['kill', 'minGapDays', 'atMost', 'until']);
        $gap = $search->get('minGapDays')->whole(1, PopulationLines::FURTHEST['value']);
        // What is planned after the last count is what is searched for.
        $done = array_filter($sprayed, static fn(int $day): bool => $day <= $last);

        return new Wanted($this->kill($search->get('kill')), $last, $done === [] ? $last : max($last, max($done) + $gap), $on($search->get('until'), $last), $gap, $search->get('atMost')->whole(0, PopulationLines::MOST_SEARCHED['value']));
    }
}
