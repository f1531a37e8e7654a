<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Burn;
use App\Models\Count;
use App\Models\LeafPhoto;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\PlantPicture;
use App\Models\Round;
use App\Records\BatchBook;
use App\Records\CaseTrials;
use App\Records\Clumpings;
use App\Records\GardenBook;
use App\Records\Looks;
use App\Records\WeatherBook;
use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Weather\KeptWeather;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\WaitedWords;
use IdleMixer\Core\Wording\WeatherWords;
use IdleMixer\Core\Words\Say;

/** A case from first sight to closed, told in order. */
final readonly class StoryAnswers
{
    private const HOUR = 3600;

    private const DAY_HOURS = 24;

    public function __construct(private TroubleCatalogue $troubles, private CaseTrials $trials, private Findings $findings, private GardenBook $garden, private WeatherBook $weather) {}

    public function of(PestCase $case, DateTimeImmutable $now): StoryAnswer
    {
        $case->loadMissing(['plant', 'rounds.batch', 'rounds.burns', 'counts']);
        $trouble = $this->troubles->trouble($case->pest);
        $until = $case->closed_at ?? $now;
        $rain = $this->rain($case->opened_at, $until, $now);
        $events = [
            new StoryEvent($case->opened_at, 'opened', trim(Say::it('answers/story-answers.first-seen', ['notes' => $case->notes]))),
            ...$this->rounds($case),
            ...self::counts($case, $trouble->counted ?? ''),
            ...array_map(static fn(StoryRain $day): StoryEvent => new StoryEvent($day->at, 'rain', Say::it('answers/story-answers.rain', ['rain' => Written::rain($day->millimetres)])), $rain),
            ...self::pictures($case, $until),
            ...($case->closed_at === null ? [] : [new StoryEvent($case->closed_at, 'closed', trim(Say::it('answers/story-answers.closed', ['conclusion' => $case->conclusion])))]),
        ];
        usort($events, static fn(StoryEvent $a, StoryEvent $b): int => $a->at <=> $b->at);

        return new StoryAnswer(Say::it('answers/story-answers.on', ['name' => $trouble->name, 'name-2' => $case->plant->name]), $trouble->counted ?? '', $case->plant->place, $case->opened_at, $case->closed_at, $this->garden->place()->zone ?? null, $events, $rain);
    }

    /** @return list<StoryEvent> */
    private function rounds(PestCase $case): array
    {
        $trials = $this->trials->of($case);
        $clumping = $trials === [] ? Clumping::usual() : Clumpings::of($case->pest);
        $events = [];
        foreach (array_values($case->rounds->all()) as $i => $round) {
            $trial = $trials[$round->id] ?? null;
            $said = $trial === null ? '' : trim($this->findings->trial($trial) . ' ' . $this->findings->formula($trial, $case->pest, $clumping));
            $events[] = new StoryEvent($round->sprayed_at, 'round', trim(self::round($round, $i + 1) . " {$said}"), handWork: $round->hand_work);
            foreach ($round->burns as $burn) {
                $events[] = self::burn($burn);
            }
        }

        return $events;
    }

    private static function round(Round $round, int $number): string
    {
        $bought = $round->bought();
        $strength = $bought === null ? implode(', ', CompositionWords::of($round->batch === null ? null : BatchBook::composition($round->batch))) : mb_strtolower($bought->kind->words());

        return implode(' ', array_filter([
            Say::it('answers/story-answers.round', ['number' => $number, 'name' => $round->name(), 'value' => $strength === '' ? '.' : " ({$strength})."]),
            $round->hand_work ? Say::it('answers/story-answers.pruned-wiped-or-hosed-same') : '',
            $round->weather === '' ? '' : Say::it('answers/story-answers.weather', ['weather' => WeatherWords::of(KeptWeather::kept($round->weather))]),
            $round->override === '' ? '' : Say::it('answers/story-answers.without-proof-on-leaves', ['override' => $round->override]),
            $round->notes,
        ], static fn(string $words): bool => $words !== ''));
    }

    private static function burn(Burn $burn): StoryEvent
    {
        return new StoryEvent($burn->seen_at, 'burn', trim(BurnAnswer::of($burn)->words . ". {$burn->notes}"));
    }

    /** @return list<StoryEvent> */
    private static function counts(PestCase $case, string $counted): array
    {
        return array_values($case->counts->map(static fn(Count $count): StoryEvent => new StoryEvent(
            $count->counted_at,
            $count->untreated ? 'untreated' : 'count',
            implode(' ', array_filter([
                ucfirst($counted) . ($count->untreated ? Say::it('answers/story-answers.on-plant-left-alone') : ': ') . Figures::short($count->value) . '.',
                match ($count->new_growth) {
                    'clean' => Say::it('answers/story-answers.clean'),
                    'hit' => Say::it('answers/story-answers.hit'),
                    default => '',
                },
                WaitedWords::seen(array_keys(Looks::helpers($count) ?? [])),
                $count->notes,
            ], static fn(string $words): bool => $words !== '')),
            $count->value,
        ))->all());
    }

    /** @return list<StoryEvent> */
    private static function pictures(PestCase $case, DateTimeImmutable $until): array
    {
        $events = [];
        $picture = PlantPicture::query()->where('plant_id', $case->plant_id)->first();
        if ($picture !== null && $picture->taken_at >= $case->opened_at && $picture->taken_at <= $until) {
            $events[] = new StoryEvent($picture->taken_at, 'picture', "{$case->plant->name}.", null, $picture->picture);
        }
        $tests = LeafTest::query()->where('plant_id', $case->plant_id)->where('applied_at', '>=', $case->opened_at)->where('applied_at', '<=', $until)->pluck('id')->all();
        foreach (LeafPhoto::query()->whereIn('leaf_test_id', $tests)->orderBy('taken_at')->limit(EvidenceLines::STORY_PICTURES['value'])->get() as $photo) {
            $events[] = new StoryEvent($photo->taken_at, 'picture', Say::it('answers/story-answers.leaf-of-leaf-test', ['leaf' => $photo->leaf, 'value' => $photo->before ? 'before' : 'after']), null, $photo->picture);
        }

        return $events;
    }

    /** @return list<StoryRain> days on which it rained so much that sprays are washed off */
    private function rain(DateTimeImmutable $from, DateTimeImmutable $until, DateTimeImmutable $now): array
    {
        $place = $this->garden->place();
        $hours = min(intdiv($until->getTimestamp() - $from->getTimestamp(), self::HOUR), EvidenceLines::STORY_DAYS['value'] * self::DAY_HOURS);
        if ($place === null || $hours < 1) {
            return [];
        }
        $days = [];
        foreach ($this->weather->between($place, WeatherBook::hour($from), $hours, $now)->hours as $hour) {
            $day = (new DateTimeImmutable("@{$hour->at}"))->setTimezone($place->zone)->format('Y-m-d');
            $days[$day] = ($days[$day] ?? 0.0) + ($hour->rain ?? 0.0);
        }
        $all = [];
        foreach (array_filter($days, static fn(float $sum): bool => $sum >= EvidenceLines::STORY_RAIN['value']) as $day => $sum) {
            $all[] = new StoryRain(new DateTimeImmutable("{$day} 12:00", $place->zone), round($sum, 1));
        }

        return $all;
    }
}
