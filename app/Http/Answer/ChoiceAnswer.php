<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Dose;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Wording\Choices;
use IdleMixer\Core\Wording\ChoiceWords;
use IdleMixer\Core\Wording\Durations;
use IdleMixer\Core\Writing\MixtureWriter;

/** The sprays that fit a case, best first, and why the others do not. */
final readonly class ChoiceAnswer
{
    public function __construct(private Chooser $chooser, private ChoiceWords $words) {}

    /** @return array<string, mixed> */
    public function of(Situation $situation): array
    {
        $choice = $this->chooser->choose($situation);
        $rotation = $choice->rotation();

        return [
            'advice' => $this->words->severity($situation->severity, $situation->trouble->kind),
            'matters' => $situation->trouble->matters,
            'nothing' => $choice->proposed === [] ? $this->words->noSpray($choice, $situation) : null,
            'proposed' => array_map(fn(Option $option): array => $this->option($option, $rotation), $choice->proposed),
            'excluded' => array_map(fn(Option $option): array => [
                'slug' => $option->recipe->slug,
                'name' => $option->recipe->name,
                'reasons' => array_map(fn(Reason $reason): string => $this->words->exclusion($reason, $option, $situation), $option->excluded),
            ], $choice->excluded),
        ];
    }

    /**
     * @param list<string> $rotation
     *
     * @return array<string, mixed>
     */
    private function option(Option $option, array $rotation): array
    {
        return [
            'slug' => $option->recipe->slug,
            'name' => $option->recipe->name,
            'useWords' => Choices::use($option->recipe->use),
            'highEnd' => $option->dose->highEnd ?? false,
            'half' => ($option->dose->factor ?? 1.0) < 1.0,
            'strength' => $option->dose instanceof Dose ? MixtureWriter::spoken($option->dose->strengths) : [],
            'for' => array_map(fn(Reason $reason): string => $this->words->reason($reason, $option), $option->for),
            'against' => array_map(fn(Reason $reason): string => $this->words->reason($reason, $option), $option->against),
            'wait' => Durations::words($option->fairLookHours),
            'repeat' => $option->practice->repeat,
            'inRotation' => count($rotation) === 2 && in_array($option->recipe->slug, $rotation, true),
        ];
    }
}
