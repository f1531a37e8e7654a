<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;

/** A trial that somebody begins. */
final readonly class TrialInput
{
    public const UNITS = ['leaf', 'plant'];

    private const LONGEST = 200;

    private function __construct(public Sent $sent, public string $pest, public string $name, public string $one, public string $other, public string $unit, public int $units, public bool $blind, public DateTimeImmutable $begunAt) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, TroubleCatalogue $troubles, DateTimeImmutable $now): self
    {
        $sent = Sent::opened($node, ['pest', 'name', 'one', 'other', 'unit', 'units', 'blind', 'begunAt'], correcting: false);
        $object = $sent->object;
        $one = $object->get('one')->line(self::LONGEST, 1);
        $other = $object->get('other')->line(self::LONGEST, 1);
        if (mb_strtolower(trim($one)) === mb_strtolower(trim($other))) {
            throw $object->get('other')->fault(Say::it('input/trial-input.both-sides-are-trial-needs'));
        }

        return new self(
            $sent,
            $object->get('pest')->word($troubles->pestSlugs(), 'pest'),
            $object->get('name')->line(self::LONGEST, 1),
            $one,
            $other,
            $object->get('unit')->word(self::UNITS, 'unit'),
            $object->get('units')->whole(EvidenceLines::FEWEST_UNITS['value'], InputLines::MOST_SPOTS['value']),
            $object->filled('blind')?->flag() ?? false,
            Moment::past($object->optional('begunAt'), $now),
        );
    }

    /** @return array<string, mixed> as they are kept; the lot is drawn from the identity, so that nobody chooses it */
    public function columns(): array
    {
        return [
            'pest' => $this->pest, 'name' => $this->name, 'one' => $this->one, 'other' => $this->other, 'unit' => $this->unit, 'units' => $this->units, 'blind' => $this->blind, 'begun_at' => $this->begunAt,
            'seed' => (int) hexdec(substr(hash('sha256', $this->sent->submitted()->key), 0, 7)),
        ];
    }
}
