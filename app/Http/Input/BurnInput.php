<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\BurnCause;
use IdleMixer\Core\Leaf\InjuryKind;
use IdleMixer\Core\Words\Say;

/** Burn that somebody saw after a round. */
final readonly class BurnInput
{
    private const LONGEST_NOTE = 1000;

    /**
     * @param list<InjuryKind> $kinds
     * @param list<BurnCause>  $special
     */
    public function __construct(public Sent $sent, public DateTimeImmutable $seenAt, public float $share, public array $kinds, public array $special, public string $notes) {}

    /** @return array<string, mixed> as the notebook keeps it */
    public function columns(): array
    {
        return [
            'seen_at' => $this->seenAt,
            'share' => $this->share,
            'kinds' => implode(' ', array_map(static fn(InjuryKind $one): string => $one->value, $this->kinds)),
            'special' => implode(' ', array_map(static fn(BurnCause $one): string => $one->value, $this->special)),
            'notes' => $this->notes,
        ];
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, Round $round, DateTimeImmutable $now, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['seenAt', 'share', 'kinds', 'special', 'notes'], $correcting);
        $object = $sent->object;
        $seenAt = Moment::past($object->optional('seenAt'), $now);
        if ($seenAt < $round->sprayed_at) {
            throw ($object->optional('seenAt') ?? $node)->fault(Say::it('input/burn-input.what-was-seen-before-round'));
        }
        $kinds = array_column(InjuryKind::cases(), 'value');
        $causes = array_column(BurnCause::cases(), 'value');

        return new self(
            $sent,
            $seenAt,
            $object->get('share')->positive(100.0),
            array_map(static fn(Node $one): InjuryKind => InjuryKind::from($one->word($kinds, Say::it('input/burn-input.kind-of-injury'))), $object->optional('kinds')?->items(0, count($kinds), 'kinds') ?? []),
            array_map(static fn(Node $one): BurnCause => BurnCause::from($one->word($causes, 'circumstance')), $object->optional('special')?->items(0, count($causes), 'circumstances') ?? []),
            $object->optional('notes')?->text(self::LONGEST_NOTE) ?? '',
        );
    }
}
