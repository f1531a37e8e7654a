<?php

declare(strict_types=1);

namespace App\Console;

use App\Passphrase;
use IdleMixer\Core\Words\Say;

final class PassphraseCommand extends SaidCommand
{
    protected $signature = 'mixer:passphrase';

    public function handle(Passphrase $passphrase): int
    {
        $line = fgets(\STDIN, 4096);
        $text = $line === false ? '' : rtrim($line, "\r\n");
        if (mb_strlen($text) < Passphrase::SHORTEST) {
            $this->error(Say::it('console/passphrase-command.passphrase-must-have-at-least', ['shortest' => Passphrase::SHORTEST]));

            return self::FAILURE;
        }
        $passphrase->set($text);
        $this->info(Say::it('console/passphrase-command.passphrase-set-other-machines-need'));

        return self::SUCCESS;
    }
}
