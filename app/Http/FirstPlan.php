<?php

declare(strict_types=1);

namespace App\Http;

use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** The spoons of the plan that the bench opens on, painted with the page: what hands wait for is there before any script ran. */
final class FirstPlan
{
    private const MOST = 1000;

    /**
     * @param string $opening what the bench opens on, as the API answers it
     *
     * @return string HTML, each text of it escaped
     */
    public static function of(string $opening): string
    {
        $load = JsonText::parse($opening)->open()->get('first')->open()->get('answer')->open()->get('plan')->open()->get('loads')->items(1, self::MOST, 'loads')[0]->open();
        $lines = array_map(static fn(Node $item): array => [self::text($item, 'words'), self::text($item, 'name')], $load->get('items')->items(0, self::MOST, 'items'));
        $lines[] = ['water', Say::it('calls/first-plan.to-mark', ['get' => explode(' (', $load->get('spoken')->text(self::MOST))[0]])];

        return '<ol class="first room">' . implode('', array_map(static fn(array $line): string => '<li data-spoon><b>' . htmlspecialchars($line[0]) . '</b> ' . htmlspecialchars($line[1]) . '</li>', $lines)) . '</ol>';
    }

    private static function text(Node $item, string $key): string
    {
        return $item->open()->get($key)->text(self::MOST);
    }
}
