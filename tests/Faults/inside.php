<?php

declare(strict_types=1);

/*
 * One of several processes that call the application over one notebook at the same time, without a line between:
 *   inside.php fuzz SEED CALLS   makes so many calls up and prints how many answers of each status there were
 *   inside.php answer            answers the calls that come in, a line of JSON each
 * Its environment is that of a house (Tests\Faults\House).
 */

use Tests\Faults\Application;
use Tests\Faults\Call;
use Tests\Faults\MadeUp;

require dirname(__DIR__, 2) . '/bootstrap/autoload.php';

(static function (string $what, int $seed, int $calls): void {
    $application = new Application();
    if ($what === 'fuzz') {
        echo json_encode(MadeUp::calls($seed, $calls, $application->answer(...)), \JSON_THROW_ON_ERROR);

        return;
    }
    while (($line = fgets(\STDIN)) !== false) {
        $said = json_decode($line, true);
        assert(is_array($said) && is_string($said['method'] ?? null) && is_string($said['path'] ?? null) && is_array($said['body'] ?? null));
        /** @var array<string, mixed> $body */
        $body = $said['body'];
        $reply = $application->answer(new Call($said['method'], $said['path'], $body));
        fwrite(\STDOUT, json_encode(['status' => $reply->status, 'json' => $reply->json], \JSON_THROW_ON_ERROR) . "\n");
    }
})($argv[1] ?? 'answer', (int) ($argv[2] ?? 0), (int) ($argv[3] ?? 0));
