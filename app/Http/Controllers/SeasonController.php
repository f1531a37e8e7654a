<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\SeasonAnswer;
use App\Http\Answer\SeasonCountAnswer;
use App\Http\Answer\SeasonEndAnswer;
use App\Http\Answer\SeasonWayAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\SeasonInput;
use IdleMixer\Core\Data\TrainerLines;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Trainer\MadeUp;
use IdleMixer\Core\Trainer\Season;
use IdleMixer\Core\Trainer\Shown;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\SeasonWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A season in a made-up garden, in which one learns to keep rounds. */
final readonly class SeasonController
{
    private const DECIMALS = 1;

    public function __construct(private LifeCatalogue $lives, private TroubleCatalogue $troubles) {}

    #[Call('What is seen of a season in a made-up garden, as far as it was kept; what came of it at its end. Nothing is kept', answer: SeasonAnswer::class, body: '#SeasonAsked')]
    public function __invoke(Request $request): JsonResponse
    {
        $input = SeasonInput::read(Body::of($request));
        $garden = MadeUp::of($input->garden, $this->lives);
        $season = new Season($garden, $input->rounds, $input->looks);
        $counts = $season->counts($input->until);

        return new JsonResponse(new SeasonAnswer(
            $garden->number,
            $this->troubles->trouble($garden->trouble)->name,
            $garden->celsius,
            TrainerLines::DAYS['value'],
            TrainerLines::SPRAYED_UNTIL['value'],
            array_map(static fn(int $day, int $count): SeasonCountAnswer => new SeasonCountAnswer($day, $count), array_keys($counts), $counts),
            $input->until < TrainerLines::DAYS['value'] ? null : self::end($garden, $season, count($input->rounds)),
        ));
    }

    private static function end(MadeUp $garden, Season $season, int $rounds): SeasonEndAnswer
    {
        $best = $season->best();

        return new SeasonEndAnswer(
            SeasonWords::end($season, $rounds),
            self::rounded($season),
            self::way($garden, 'best', SeasonWords::best($best), $best->days),
            array_map(static fn(Shown $one): SeasonWayAnswer => self::way($garden, $one->mistake->value, SeasonWords::mistake($one->mistake, $garden->generation()), $one->instead), $season->mistakes()),
        );
    }

    /** @param list<int> $rounds */
    private static function way(MadeUp $garden, string $name, string $words, array $rounds): SeasonWayAnswer
    {
        return new SeasonWayAnswer($name, $words, $rounds, self::rounded(new Season($garden, $rounds, [])));
    }

    /** @return list<float> */
    private static function rounded(Season $season): array
    {
        return array_map(static fn(float $one): float => round($one, self::DECIMALS), $season->truth());
    }
}
