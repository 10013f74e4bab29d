<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;

/**
 * What is left of a question, and the conditions that were found in it so far.
 *
 * @internal
 */
final class Phrases
{
    private const DENIED = '(?:not |isn.t |aren.t |nothing )';

    /** @var list<Condition> */
    public array $conditions = [];

    /** @param string $text lower case */
    public function __construct(public string $text) {}

    /** @param \Closure(array<string>): list<Condition> $read what a phrase asks for; nothing where it is words like any others, left to be read */
    public function take(string $pattern, \Closure $read): void
    {
        $this->text = (string) preg_replace_callback('/' . $pattern . '/u', function (array $match) use ($read): string {
            $conditions = $read($match);
            array_push($this->conditions, ...$conditions);

            return [] === $conditions ? $match[0] : ' ';
        }, $this->text);
    }

    /** A phrase that says one thing, or with “not” before it the opposite. */
    public function takeSaid(string $phrase, Condition $condition): void
    {
        $this->take('\b(' . self::DENIED . ')?' . $phrase . '\b', static fn(array $m): array => [
            '' === ($m[1] ?? '') ? $condition : new NotCondition($condition, 'not ' . $condition->asked()),
        ]);
    }
}
