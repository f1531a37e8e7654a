<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\PestCase;
use App\Records\Forecasts;
use App\Records\SeenAhead;
use App\Records\Situations;
use DateTimeImmutable;
use IdleMixer\Core\Population\AheadDay;
use IdleMixer\Core\Population\Forecast;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Wording\AheadWords;
use IdleMixer\Core\Wording\ProgrammeWords;
use IdleMixer\Core\Words\Say;

/** Tells how a case is expected to go on, or why nobody can say. */
final readonly class SeenAheadAnswers
{
    private const DECIMALS = 2;

    public function __construct(private Forecasts $forecasts, private LifeCatalogue $lives, private Situations $situations) {}

    public function of(PestCase $case, DateTimeImmutable $now): SeenAheadAnswer
    {
        $trouble = $this->situations->trouble($case);
        $seen = $this->forecasts->of($case, $now);
        if ($seen === null) {
            return new SeenAheadAnswer($this->lives->of($case->pest) === null ? Say::it('answers/seen-ahead-answers.not-known', ['name' => lcfirst($trouble->name)]) : Say::it('answers/seen-ahead-answers.count-first'), $trouble->counted ?? '', null, '', [], '');
        }
        $outlooks = [self::outlook($seen, 'alone', Say::it('answers/seen-ahead-answers.alone'), '', [], $seen->alone)];
        if ($seen->planned !== null) {
            $outlooks[] = self::outlook($seen, 'planned', Say::it('answers/seen-ahead-answers.planned'), '', $seen->ahead, $seen->planned);
        }
        if ($seen->best !== null) {
            [$programme, $wanted, $forecast] = $seen->best;
            $outlooks[] = self::outlook($seen, 'fewest', Say::it('answers/seen-ahead-answers.fewest', ['spray' => $seen->spray]), ProgrammeWords::of($programme, $wanted, $forecast->generationDays()), $programme->days, $forecast);
        }

        return new SeenAheadAnswer('', $trouble->counted ?? '', self::on($seen, $seen->today), AheadWords::surprise($seen->surprise), $outlooks, Say::it('answers/seen-ahead-answers.rests'));
    }

    /** @param list<int> $rounds */
    private static function outlook(SeenAhead $seen, string $kind, string $name, string $because, array $rounds, Forecast $forecast): OutlookAnswer
    {
        $days = array_slice($forecast->days, $seen->today, preserve_keys: true);

        return new OutlookAnswer(
            $kind,
            $name,
            AheadWords::of($forecast, $rounds, $seen->today, static fn(int $day): DateTimeImmutable => $seen->begin->modify("{$day} days")),
            $because,
            array_map(static fn(int $day): string => self::on($seen, $day), $rounds),
            array_map(static fn(int $day, AheadDay $one): ExpectedDayAnswer => new ExpectedDayAnswer(self::on($seen, $day), round($one->low, self::DECIMALS), round($one->middle, self::DECIMALS), round($one->high, self::DECIMALS)), array_keys($days), $days),
        );
    }

    private static function on(SeenAhead $seen, int $day): string
    {
        return $seen->begin->modify("{$day} days")->format('Y-m-d');
    }
}
