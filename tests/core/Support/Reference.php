<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Support;

use Symfony\Component\Process\Process;

/** Asks a reference library in Node for what it makes of the same input. */
final class Reference
{
    /** However loud the machine is: what never answers is stopped by hand. */
    private const PATIENCE_SECONDS = 900;

    /**
     * @param string       $script beside the test, run where the front end's packages are found
     * @param list<mixed>  $input
     *
     * @return list<array<string, mixed>>
     */
    public static function ask(string $script, array $input): array
    {
        $web = \dirname(__DIR__, 3) . '/web';
        @mkdir($web . '/node_modules/.cache');
        $copy = $web . '/node_modules/.cache/' . basename($script);
        copy($script, $copy);
        $node = new Process(['node', $copy], $web, null, json_encode($input, \JSON_THROW_ON_ERROR), self::PATIENCE_SECONDS);
        $node->mustRun();
        /** @var list<array<string, mixed>> $answers */
        $answers = json_decode($node->getOutput(), true, 8, \JSON_THROW_ON_ERROR);

        return $answers;
    }
}
