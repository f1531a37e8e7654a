<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Compose;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Words\Say;

final class ComposeCommand extends DocumentCommand
{
    /** As the console calls them. */
    private const KITCHENS = ['us' => Kitchen::Us, 'uk' => Kitchen::British, 'au' => Kitchen::Australian, 'metric' => Kitchen::Metric];

    protected $signature = 'mixer:compose {file} {--kitchen=} {--use=foliar} {--bottle=} {--json}';

    public function handle(Compose $compose, PhraseReader $reader): int
    {
        return $this->respond(function (string $text) use ($compose, $reader): array {
            $kitchen = $this->chosen('kitchen', array_keys(self::KITCHENS));
            $use = $this->chosen('use', array_column(RecipeUse::cases(), 'value')) ?? RecipeUse::Foliar->value;
            if (strlen($text) > JsonText::MAX_BYTES) {
                throw InvalidDocument::because('', Say::it('console/compose-command.this-more-than-recipe-at'), null);
            }

            return $compose->answer($text, $kitchen === null ? null : self::KITCHENS[$kitchen], RecipeUse::from($use), $this->bottle($reader));
        });
    }

    /** “1 L”, “24 oz”: as anybody says how much a bottle holds. */
    private function bottle(PhraseReader $reader): ?Volume
    {
        $said = $this->option('bottle');
        if (! is_string($said)) {
            return null;
        }
        $heard = $reader->read("{$said} water");
        $holds = $heard->basis === null || $heard->lines !== [] ? 0.0 : $heard->basis->millilitres();

        return $holds > 0.0 ? AmountReader::vessel(JsonText::parse(json_encode(['amount' => $holds, 'unit' => Unit::Millilitre->value], \JSON_THROW_ON_ERROR)), Say::it('console/compose-command.bottle')) : throw InvalidDocument::because('/bottle', Say::it('console/compose-command.expected-bottle'), $said);
    }

    /** @param list<string> $allowed */
    private function chosen(string $option, array $allowed): ?string
    {
        $said = $this->option($option);
        if ($said === null || in_array($said, $allowed, true)) {
            return $said;
        }
        throw InvalidDocument::because("/{$option}", Say::it('console/compose-command.expected-one-of-found', ['allowed' => implode(', ', $allowed)]), is_string($said) ? $said : null);
    }
}
