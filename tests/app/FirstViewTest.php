<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a page loads before it shows anything, by the list that the build keeps of its files. */
final class FirstViewTest extends TestCase
{
    private const MOST_KB = 160;

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (array_keys(self::manifest()) as $part) {
            if (1 === preg_match('~^src/features/(\w+)/(?:index\.ts|FirstPage\.tsx)$~', $part, $found)) {
                yield $found[1] . ' ' . basename($part) => [$part];
            }
        }
    }

    #[DataProvider('pages')]
    public function testThePageIsLight(string $page): void
    {
        $files = [];
        $open = ['index.html', $page];
        while (null !== $part = array_pop($open)) {
            $known = self::manifest()[$part];
            if (!isset($files[$known['file']])) {
                $files[$known['file']] = \strlen((string) gzencode((string) file_get_contents(self::built($known['file'])), 9)) / 1024;
                array_push($open, ...$known['imports'] ?? []);
            }
        }
        arsort($files);

        self::assertGreaterThan(3, \count($files), 'React, the frame and the page are files of their own');
        self::assertLessThan(self::MOST_KB, array_sum($files), implode(', ', array_map(
            static fn(string $file, float $kb): string => sprintf('%s %.1f', basename($file), $kb),
            array_keys($files),
            $files,
        )));
    }

    /** @return array<string, array{file: string, imports?: list<string>}> by what is built */
    private static function manifest(): array
    {
        /** @var array<string, array{file: string, imports?: list<string>}> $manifest */
        $manifest = json_decode((string) file_get_contents(self::built('.vite/manifest.json')), true, 16, \JSON_THROW_ON_ERROR);

        return $manifest;
    }

    private static function built(string $file): string
    {
        return \dirname(__DIR__, 2) . '/public/build/' . $file;
    }
}
