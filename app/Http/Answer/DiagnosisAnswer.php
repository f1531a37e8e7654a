<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Trouble\Diagnosis;
use IdleMixer\Core\Trouble\ProposedLook;
use IdleMixer\Core\Trouble\Sign;
use IdleMixer\Core\Trouble\Suspect;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\ChoiceWords;

/** The signs that can be ticked, and what they point to. */
final readonly class DiagnosisAnswer
{
    public function __construct(private TroubleCatalogue $catalogue) {}

    /** @return array<string, mixed> */
    public function catalogue(): array
    {
        return [
            'signs' => array_values(array_map(static fn(Sign $sign): array => ['slug' => $sign->slug, 'group' => $sign->group, 'words' => $sign->words, 'drawing' => $sign->drawing], $this->catalogue->signs)),
            'troubles' => array_values(array_map(static fn(Trouble $trouble): array => [
                'slug' => $trouble->slug,
                'name' => $trouble->name,
                'kind' => $trouble->kind->value,
                'isPest' => $trouble->kind->isPest(),
                'matters' => $trouble->matters,
                'stages' => $trouble->stages,
            ], $this->catalogue->troubles)),
        ];
    }

    /** @return array<string, mixed> */
    public function of(Diagnosis $diagnosis): array
    {
        return [
            'finding' => $diagnosis->finding()->value,
            'words' => ChoiceWords::finding($diagnosis->finding()),
            'suspects' => array_map(self::suspect(...), $diagnosis->suspects()),
            'looks' => array_map(self::look(...), $diagnosis->looks()),
        ];
    }

    /** @return array<string, mixed> */
    private static function suspect(Suspect $suspect): array
    {
        $words = static fn(Sign $sign): string => $sign->words;

        return [
            'slug' => $suspect->trouble->slug,
            'name' => $suspect->trouble->name,
            'isPest' => $suspect->trouble->kind->isPest(),
            'chancePercent' => 100.0 * $suspect->chance,
            'matters' => $suspect->trouble->matters,
            'for' => array_map($words, $suspect->for),
            'against' => array_map($words, $suspect->against),
            'missing' => array_map($words, $suspect->missing),
        ];
    }

    /** @return array<string, mixed> */
    private static function look(ProposedLook $proposed): array
    {
        $name = static fn(Trouble $trouble): string => $trouble->name;

        return [
            'slug' => $proposed->look->slug,
            'words' => $proposed->look->words,
            'sign' => $proposed->look->sign->slug,
            'yes' => array_map($name, $proposed->yes),
            'no' => array_map($name, $proposed->no),
            'bits' => $proposed->bits,
        ];
    }
}
