<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Choice\WhyWhether;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\EnemiesReader;
use IdleMixer\Core\Words\Say;

/** That nobody sprays for some days. */
final readonly class WaitInput
{
    /** @param array<string, int|null> $seen natural enemies, and how many of each; null where nobody counted them */
    private function __construct(public Sent $sent, public int $days, public WhyWhether $because, public array $seen) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, Enemies $enemies): self
    {
        $sent = Sent::opened($node, ['days', 'because', 'seen'], false);
        $words = array_column(WhyWhether::cases(), 'value');

        return new self(
            $sent,
            $sent->object->get('days')->whole(1, ScheduleLines::LONGEST_PACE['value']),
            WhyWhether::from($sent->object->get('because')->word($words, Say::it('records/waits.why-nobody-sprays'))),
            EnemiesReader::read($sent->object->filled('seen'), $enemies),
        );
    }
}
