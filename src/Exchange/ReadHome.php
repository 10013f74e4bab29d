<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Role;
use App\Homes\HomeAnswer;
use App\Http\Body;
use App\Http\InvalidInput;
use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Money\GiftMoney;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/**
 * Makes a home of a document. It is held to the published schema, everything in it gets an id of its own, nothing in
 * it may name what is not in it, and what the core refuses is refused here: all of it, or nothing is stored.
 */
#[AsController]
final readonly class ReadHome
{
    private const MOST_OPEN = 3;
    private const MOST_BYTES = 40_000_000;
    private const ULID = '/\b[0-9A-HJKMNP-TV-Z]{26}\b/';

    public function __construct(private EntityManagerInterface $entities, private Connection $db, private CheckHome $check) {}

    #[Route('/api/home-documents', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(#[Body] DocumentInput $input, #[CurrentUser] Person $by): HomeAnswer
    {
        $document = $this->document($input->document);
        $said = $document->home;
        $running = array_filter($document->lists['swaps'] ?? [], static fn(array $swap): bool => null === ($swap['closedAt'] ?? null));
        if (\count($running) > self::MOST_OPEN) {
            throw InvalidInput::at(
                'document',
                sprintf(
                    '%d swaps of the document are still running; a home has %d at a time. Close the others before writing it.',
                    \count($running),
                    self::MOST_OPEN,
                ),
            );
        }
        $home = new Home($said['name'], LengthUnit::from($said['unit']), $said['currency'], GiftMoney::from($said['giftMoney']));
        $this->entities->persist($home);
        $this->entities->persist($by->join($home, Role::Stylist));
        $this->entities->flush();
        foreach (HomeTables::LISTS as $name => [$table, , , $columns]) {
            $this->store($table, $columns, $document->lists[$name] ?? [], HomeTables::isOfHome($name) ? ['home_id' => $home->id()] : []);
        }
        ($this->check)($home);

        return HomeAnswer::of($home);
    }

    private function document(string $text): HomeDocument
    {
        if (\strlen($text) > self::MOST_BYTES) {
            throw InvalidInput::at('document', 'The document is larger than 40 MB.');
        }
        $given = json_decode($text, false, 32);
        if (null === $given) {
            throw InvalidInput::at('document', 'This is not a JSON document. Choose the file that was written by “Whole home”.');
        }
        $result = (new Validator(max_errors: 3))->validate($given, json_encode(HomeSchema::schema(), \JSON_THROW_ON_ERROR));
        $error = $result->error();
        if (null !== $error) {
            $found = (new ErrorFormatter())->format($error, false);
            throw InvalidInput::at(
                'document',
                sprintf(
                    'The document is not a home of Bright Cupboard, version %d: at %s, %s.',
                    HomeSchema::VERSION,
                    mb_strimwidth((string) array_key_first($found), 0, 80, '…'),
                    mb_strimwidth((string) current($found), 0, 120, '…'),
                ),
            );
        }

        return $this->withOwnIds($text);
    }

    private function withOwnIds(string $text): HomeDocument
    {
        $ids = [];
        foreach (HomeDocument::ofText($text)->lists as $rows) {
            foreach ($rows as $row) {
                if (\is_string($row['id'] ?? null)) {
                    if (isset($ids[$row['id']])) {
                        throw InvalidInput::at('document', sprintf('Two things in the document are called %s.', $row['id']));
                    }
                    $ids[$row['id']] = '';
                }
            }
        }
        ksort($ids); // ids sort by age; the new ones keep that order
        $ids = array_map(static fn(): string => (string) new Ulid(), $ids);
        preg_match_all(self::ULID, $text, $named);
        foreach (array_unique($named[0]) as $id) {
            if (!isset($ids[$id])) {
                throw InvalidInput::at('document', sprintf('The document names %s, which is not in it.', $id));
            }
        }

        return HomeDocument::ofText(strtr($text, $ids));
    }

    /**
     * @param array<string, string>      $columns
     * @param list<array<string, mixed>> $rows
     * @param array<string, string>      $owner
     */
    private function store(string $table, array $columns, array $rows, array $owner): void
    {
        $later = [];
        foreach ($rows as $row) {
            $values = $owner;
            foreach ($columns as $column => $type) {
                $value = $row[HomeTables::key($column)] ?? null;
                if (null === $value && str_ends_with($type, '?')) {
                    continue; // empty, or as it is where nothing is said
                }
                if (\is_string($value) && \in_array(rtrim($type, '?'), ['day', 'time'], true)) {
                    $this->requireDay($value);
                }
                $values['"' . $column . '"'] = \is_array($value)
                    ? json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES)
                    : $value;
            }
            if ('swap' === $table) {
                $later[] = [$values['"from_id"'] ?? null, $values['"id"']];
                $values['"from_id"'] = null; // the swap it follows may stand further down
            }
            $this->db->insert($table, $values);
        }
        foreach ($later as [$from, $id]) {
            $this->db->update($table, ['from_id' => $from], ['id' => $id]);
        }
    }

    private function requireDay(string $text): void
    {
        try {
            DayText::read(substr($text, 0, 10));
        } catch (InvalidMeasure $refusal) {
            throw InvalidInput::at('document', 'A day in the document cannot be: ' . $refusal->getMessage());
        }
    }
}
