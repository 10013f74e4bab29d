<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Stock\Hazard;

/**
 * What is said of a thing that is neither size nor colour nor place: how it is, whose it is, how it wants to be treated. It is kept as a note.
 *
 * @internal
 */
final readonly class Remarks
{
    /** Begins what is said of the state of a thing, wherever it stands behind its name. */
    private const BEGINS = '/^(?P<thing>.*?\pL.*?)\s+(?P<remark>(?:(?:slightly|one|1|some|few|bit|badly|a bit)\s+)?(?:chips? (?:on|in|at)|chipped'
        . '|cracked|broken|(?:lid|handle|foot|leg|ear|bulb|base|piece|cord|top|hook|\w+s)\s+missing|missing|needs?|torn|repaired|glued|wobbly|stained'
        . '|dented|scratched|bent|half[- ]used|without|never|please|careful|keep|do(?:n.t|es.?n.t| not| no)|can.t|won.t|no|not|w\/o|only works|works'
        . '|tag on|tags on|like new|brand new|good condition|in good|as is)\b.*)$/iu';
    /** What a note is introduced by. */
    private const INTRODUCED = '/^(?:care|note|nb|ps)[:\s]+(.*)$/iu';
    private const LEAD = '/^(?<thing>.*?\pL.*?)(?:\s+(?:with|and|on|incl\.?))?'
        . '(?<lead>[\s,]+(?:(?:cable|cord|lead|flex)\s+(?:of\s+)?\d[\d.,]*\s*(?:in|ft|cm|m)\b(?:\s+long)?'
        . '|\d[\d.,]*\s*(?:in|ft|cm|m)\s+(?:long\s+)?(?:cable|cord|lead|flex)\b))/iu';
    /** Reads like the code of a tote. */
    private const CODE = '/^(?:(?:tote|box|bin)\s+)?[a-z]{1,2}-?\d{1,3}$/iu';
    /** A look that belongs to the name: "holly print", "house shape". */
    private const LOOK = '/\b(?:print|printed|pattern|motif|design|theme|themed|shape|shaped|style|look|scene|lettering)$/iu';

    public function __construct(private MeasureWords $measures) {}

    /**
     * Cuts off what is said of the state of a thing behind its name.
     *
     * @return string what is left
     */
    public function cut(string $phrase, Draft $draft): string
    {
        if (1 !== preg_match(self::BEGINS, $phrase, $match) || Lexicon::nameAThing($match['remark']) || !Lexicon::nameAThing($match['thing'])) {
            return $phrase;
        }
        // A gap shows where a measure stood: what is behind it is a word of its own again.
        [$remark, $behind] = [...explode('  ', $match['remark'], 2), ''];
        $draft->care[] = trim($remark);

        return trim($match['thing'] . ' ' . trim($behind));
    }

    /** How long the cable of a thing is, is no side of it. */
    public static function withoutLead(string $text, Draft $draft): string
    {
        return (string) preg_replace_callback(self::LEAD, static function (array $match) use ($draft): string {
            if (!Lexicon::nameAThing($match['thing'])) {
                return $match[0];
            }
            $draft->care[] = trim($match['lead'], ' ,');
            $draft->addHazard(Hazard::Mains);

            return $match['thing'];
        }, $text, 1);
    }

    public function keep(string $phrase, Draft $draft): void
    {
        if (1 === preg_match(self::INTRODUCED, $phrase, $match)) {
            $draft->care[] = $match[1];

            return;
        }
        if (1 === preg_match('/^\d{1,3}$/', $phrase)) {
            if ([] === $this->measures->takeLeft([$phrase], $draft)) {
                return;
            }
            $draft->questions[] = new Question(
                'count',
                sprintf('What is “%s”?', $phrase),
                [
                    new Reply($this->measures->written($phrase), str_replace(', ' . $phrase, ', ' . $this->measures->written($phrase), $draft->line)),
                    new Reply($phrase . ' of them', $phrase . ' ' . str_replace(', ' . $phrase, '', $draft->line)),
                ],
            );

            return;
        }
        if (1 === preg_match(self::CODE, $phrase)) {
            $draft->questions[] = new Question('place', sprintf('“%s” is not a tote or a spot of this home.', $phrase), [
                new Reply('leave it out', trim(str_replace([', ' . $phrase, ',' . $phrase], '', $draft->line))),
                new Reply('keep it as a note', str_replace($phrase, 'note: ' . $phrase, $draft->line)),
            ]);

            return;
        }
        if (1 === preg_match(self::LOOK, $phrase)) {
            $draft->look .= ', ' . $phrase;

            return;
        }
        $draft->care[] = $phrase;
    }

    /** Whether a phrase is about a look, so that its colours and kinds are none of the thing. */
    public function isOfLook(string $phrase): bool
    {
        return 1 === preg_match(self::LOOK, $phrase);
    }
}
