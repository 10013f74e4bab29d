<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core;

use PHPUnit\Framework\TestCase;

/** The core is plain PHP: no framework, no clock, no dice that were not passed in. */
final class ArchitectureTest extends TestCase
{
    private const FORBIDDEN = [
        '/^use (Symfony|Doctrine|App)\\\\/m' => 'imports a framework or the application',
        '/\b(time|microtime|date|strtotime|mktime|hrtime)\s*\(/' => 'reads the clock',
        '/new \\\\?DateTime(Immutable)?\(\s*\)/' => 'reads the clock',
        '/\b(rand|mt_rand|random_int|random_bytes|shuffle|array_rand|uniqid)\s*\(/' => 'throws dice',
        '/\$_(GET|POST|SERVER|SESSION|ENV)|\bgetenv\s*\(/' => 'reads its surroundings',
        '/#\[ORM\\\\/' => 'is mapped to a database',
    ];

    private const LONGEST_LINE = 160;

    /** Each folder knows those before it and none after it. */
    private const ORDER = [
        'Measure', 'Money', 'Colour', 'Stock', 'Storage', 'Surface', 'Sizing', 'Look', 'Coach', 'Plan', 'Table', 'Draft', 'Floor', 'Day',
        'Calendar', 'Intake', 'Search',
    ];

    public function testFoldersKnowOnlyThoseBeforeThem(): void
    {
        $core = \dirname(__DIR__, 2) . '/core';
        self::assertEqualsCanonicalizing(
            self::ORDER,
            array_map(basename(...), glob($core . '/*', \GLOB_ONLYDIR) ?: []),
            'every folder has its place in the order',
        );
        foreach (self::ORDER as $place => $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$core}/{$folder}", \FilesystemIterator::SKIP_DOTS)) as $file) {
                preg_match_all('/^use BrightCupboard\\\\Core\\\\(\w+)\\\\(Internal)?/m', (string) file_get_contents((string) $file), $uses, \PREG_SET_ORDER);
                foreach ($uses as $use) {
                    self::assertLessThanOrEqual($place, array_search($use[1], self::ORDER, true), "{$file} knows {$use[1]}.");
                    self::assertTrue(!isset($use[2]) || $use[1] === $folder, "{$file} reaches into the inside of {$use[1]}.");
                }
            }
        }
    }

    public function testEveryFileOfTheCoreKeepsToPlainPhp(): void
    {
        $files = 0;
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(\dirname(__DIR__, 2) . '/core', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $code = (string) file_get_contents((string) $file);
            foreach (self::FORBIDDEN as $pattern => $what) {
                self::assertDoesNotMatchRegularExpression($pattern, $code, "{$file} {$what}.");
            }
            self::assertStringContainsString('declare(strict_types=1);', $code, (string) $file);
            ++$files;
        }
        self::assertGreaterThan(80, $files);
    }

    /** What people write: without migrations, which are not touched again once they have run somewhere, and the generated types of the API. */
    public function testNoLineIsLongerThanAReaderFollows(): void
    {
        $long = [];
        foreach (['core', 'src', 'tests', 'web/src'] as $folder) {
            $files = new \RecursiveDirectoryIterator(\dirname(__DIR__, 2) . '/' . $folder, \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($files) as $file) {
                $isRead = 1 === preg_match('/(\.php|(?<!\.d)\.tsx?)$/', (string) $file);
                foreach ($isRead ? file((string) $file, \FILE_IGNORE_NEW_LINES) ?: [] : [] as $i => $line) {
                    if (mb_strlen($line) > self::LONGEST_LINE) {
                        $long[] = basename((string) $file) . ':' . ($i + 1);
                    }
                }
            }
        }
        self::assertSame([], $long);
    }

    public function testTheForbiddenPatternsCatchWhatTheyAreMeantFor(): void
    {
        $samples = ["use Symfony\\Component\\Clock\\Clock;", 'return time();', 'new \DateTimeImmutable()', 'mt_rand(1, 2)', '$_SERVER["x"]', '#[ORM\Entity]'];
        foreach (array_keys(self::FORBIDDEN) as $i => $pattern) {
            self::assertMatchesRegularExpression($pattern, $samples[$i]);
        }
    }
}
