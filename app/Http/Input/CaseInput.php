<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\EnemiesReader;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** A case that somebody opens: one pest on one plant. */
final readonly class CaseInput
{
    /** @param array<string, int|null> $seen natural enemies, and how many of each; null where nobody counted them */
    public function __construct(
        public Sent $sent,
        public Plant $plant,
        public string $pest,
        public DateTimeImmutable $openedAt,
        public string $notes,
        public array $seen,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, TroubleCatalogue $troubles, Enemies $enemies, DateTimeImmutable $now): self
    {
        $sent = Sent::opened($node, ['plantId', 'pest', 'openedAt', 'notes', 'seen'], correcting: false);
        $object = $sent->object;

        return new self(
            $sent,
            Existing::of($object->get('plantId'), Plant::query(), 'plant'),
            $object->get('pest')->word($troubles->pestSlugs(), 'pest'),
            Moment::past($object->optional('openedAt'), $now),
            $object->optional('notes')?->text(RecipeReader::MAX_NOTES) ?? '',
            EnemiesReader::read($object->filled('seen'), $enemies),
        );
    }
}
