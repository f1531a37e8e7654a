<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Gate\Gate as Gates;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Wording\Sentences;

/**
 * May this spray go on this plant now, as open documents.
 *
 * @phpstan-type GateReasonRow array{code: string, about: string, level: string, text: string, remedy: string}
 */
final readonly class Gate
{
    public function __construct(private GateReader $reader, private Gates $gate, private Sentences $sentences) {}

    public static function shipped(): self
    {
        return new self(GateReader::shipped(), Gates::shipped(), Sentences::shipped());
    }

    /**
     * @return array{level: string, reasons: list<GateReasonRow>, cautions: list<string>, pickFromDays: int, proven: 'yes'|'faded'|'no'|'this-bottle-only'}
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        $answer = $this->gate->answer($this->reader->read($node));

        return [
            'level' => $answer->level()->value,
            'reasons' => array_map(fn(Verdict $one): array => [
                'code' => $one->code,
                'about' => $one->about()->value,
                'level' => $one->level->value,
                'text' => $this->sentences->verdict($one),
                'remedy' => $this->sentences->remedy($one),
            ], $answer->reasons()),
            'cautions' => $answer->cautions,
            'pickFromDays' => $answer->pickFrom,
            'proven' => $answer->proven(),
        ];
    }
}
