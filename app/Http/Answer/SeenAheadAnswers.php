<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\PestCase;
use App\Records\Forecasts;
use App\Records\SeenAhead;
use App\Records\Situations;
use App\Records\TurnsChosen;
use DateTimeImmutable;
use IdleMixer\Core\Population\AheadDay;
use IdleMixer\Core\Population\Forecast;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\Steered;
use IdleMixer\Core\Wording\AheadWords;
use IdleMixer\Core\Wording\ProgrammeWords;
use IdleMixer\Core\Words\Say;

/** Tells how a case is expected to go on, or why nobody can say. */
final readonly class SeenAheadAnswers
{
    private const DECIMALS = 2;

    public function __construct(private Forecasts $forecasts, private LifeCatalogue $lives, private Situations $situations) {}

    /** @param bool $best whether the best is told, too: that takes longer */
    public function of(PestCase $case, DateTimeImmutable $now, bool $best = true): SeenAheadAnswer
    {
        $trouble = $this->situations->trouble($case);
        $seen = $this->forecasts->of($case, $now, $best);
        if ($seen === null) {
            return new SeenAheadAnswer($this->lives->of($case->pest) === null ? Say::it('answers/seen-ahead-answers.not-known', ['name' => lcfirst($trouble->name)]) : Say::it('answers/seen-ahead-answers.count-first'), $trouble->counted ?? '', null, '', [], '', false, false, null, false);
        }
        $outlooks = [self::outlook($seen, 'alone', Say::it('answers/seen-ahead-answers.alone'), '', [], $seen->alone)];
        if ($seen->planned !== null) {
            $outlooks[] = self::outlook($seen, 'planned', Say::it('answers/seen-ahead-answers.planned'), '', $seen->ahead, $seen->planned);
        }
        if ($seen->best !== null) {
            [$programme, $wanted, $forecast] = $seen->best;
            $outlooks[] = self::outlook($seen, 'fewest', Say::it('answers/seen-ahead-answers.fewest', ['spray' => $seen->spray]), ProgrammeWords::of($programme, $wanted, $forecast->generationDays(), $seen->instead, true), $programme->days, $forecast);
        }

        return new SeenAheadAnswer('', $trouble->counted ?? '', $seen->on($seen->today), AheadWords::surprise($seen->surprise), $outlooks, Say::it('answers/seen-ahead-answers.rests') . ' ' . AheadWords::reach($seen->reach), $seen->room !== null, $case->round_dates !== null, self::insteadOf($seen), TurnsChosen::holds($case));
    }

    private static function insteadOf(SeenAhead $seen): ?InsteadAnswer
    {
        $instead = $seen->instead;

        return $instead === null ? null : new InsteadAnswer($instead->turns, $instead->inTurn ? Say::it('answers/seen-ahead-answers.take-in-turn', ['spray' => $instead->spray]) : Say::it('answers/seen-ahead-answers.take-other', ['spray' => $instead->spray]));
    }

    /**
     * What would come of rounds on these days, and of each day that one of them may be moved to.
     *
     * @param list<int> $rounds days after the first count, earliest first
     */
    public function moved(SeenAhead $seen, array $rounds, int $which): MovedRoundsAnswer
    {
        $next = $seen->next;
        $room = $seen->room;
        assert($next !== null && $room !== null);
        $may = isset($rounds[$which]) ? $room->room($rounds, $which) : [];
        $without = $rounds;
        unset($without[$which]);
        $without = array_values($without);
        $more = count($rounds) < $room->atMost ? $room->room([...$rounds, \PHP_INT_MAX], count($rounds))[0] ?? null : null;
        $tried = $next->moved($rounds, $which, $may);

        return new MovedRoundsAnswer(
            self::so($seen, $rounds, $next->on($rounds)),
            array_map(static fn(int $day, Steered $one): OutlookAnswer => self::so($seen, self::instead($rounds, $which, $day), $one), array_keys($tried), $tried),
            isset($rounds[$which]) ? self::so($seen, $without, $next->on($without)) : null,
            $more === null ? null : self::so($seen, [...$rounds, $more], $next->on([...$rounds, $more])),
        );
    }

    /**
     * @param list<int> $rounds
     *
     * @return list<int>
     */
    private static function instead(array $rounds, int $which, int $day): array
    {
        return array_map(static fn(int $i, int $one): int => $i === $which ? $day : $one, array_keys($rounds), $rounds);
    }

    /** @param list<int> $rounds */
    private static function so(SeenAhead $seen, array $rounds, Steered $steered): OutlookAnswer
    {
        return self::outlook($seen, 'planned', Say::it('answers/seen-ahead-answers.so'), '', $rounds, $steered->forecast());
    }

    /** @param list<int> $rounds */
    private static function outlook(SeenAhead $seen, string $kind, string $name, string $because, array $rounds, Forecast $forecast): OutlookAnswer
    {
        $days = array_slice($forecast->days, $seen->today, preserve_keys: true);

        return new OutlookAnswer(
            $kind,
            $name,
            AheadWords::of($forecast, $rounds, $seen->today, $seen->days->on(...)),
            $because,
            array_map($seen->on(...), $rounds),
            array_map(static fn(int $day, AheadDay $one): ExpectedDayAnswer => new ExpectedDayAnswer($seen->on($day), round($one->low, self::DECIMALS), round($one->middle, self::DECIMALS), round($one->high, self::DECIMALS)), array_keys($days), $days),
        );
    }
}
