<?php

declare(strict_types=1);

namespace App\Console;

use App\Passphrase;
use Illuminate\Console\Command;

final class PassphraseCommand extends Command
{
    protected $signature = 'mixer:passphrase';

    protected $description = 'Set the passphrase that other machines need; it is read from standard input';

    public function handle(Passphrase $passphrase): int
    {
        $line = fgets(\STDIN, 4096);
        $text = $line === false ? '' : rtrim($line, "\r\n");
        if (mb_strlen($text) < Passphrase::SHORTEST) {
            $this->error('The passphrase must have at least ' . Passphrase::SHORTEST . ' characters; nothing was changed.');

            return self::FAILURE;
        }
        $passphrase->set($text);
        $this->info('The passphrase is set. Other machines need it from now on.');

        return self::SUCCESS;
    }
}
