<?php

declare(strict_types=1);

namespace App\Journal;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\ORM\PersistentCollection;

/** Sees every row that the unit of work is about to write, so that no act has to say what it changed. */
#[AsDoctrineListener(Events::onFlush)]
final readonly class CollectRows
{
    /** What is no part of a home's books: who may sign in, keys of ticks, sheets on their way in. */
    private const LEFT_OUT = ['person', 'membership', 'used_key', 'table_import', 'failed_sign_in', 'calendar_feed'];

    public function __construct(private RunningAct $act) {}

    public function onFlush(OnFlushEventArgs $event): void
    {
        $entities = $event->getObjectManager();
        $work = $entities->getUnitOfWork();
        foreach ($work->getScheduledEntityInsertions() as $entity) {
            $this->collect($entities, $entity, null, $this->side($work->getEntityChangeSet($entity), 1));
        }
        foreach ($work->getScheduledEntityUpdates() as $entity) {
            $changes = $work->getEntityChangeSet($entity);
            $this->collect($entities, $entity, $this->side($changes, 0), $this->side($changes, 1));
        }
        foreach ($work->getScheduledEntityDeletions() as $entity) {
            $this->collect($entities, $entity, $work->getOriginalEntityData($entity), null);
        }
    }

    /**
     * @param array<string, array{mixed, mixed}|PersistentCollection<int, object>> $changes
     * @param 0|1                                                                  $side    as it was, or as it is now
     *
     * @return array<string, mixed>
     */
    private function side(array $changes, int $side): array
    {
        return array_map(static fn(array|PersistentCollection $change): mixed => \is_array($change) ? $change[$side] : null, $changes);
    }

    /**
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>|null $after
     */
    private function collect(EntityManagerInterface $entities, object $entity, ?array $before, ?array $after): void
    {
        $class = $entities->getClassMetadata($entity::class);
        if (\in_array($class->getTableName(), self::LEFT_OUT, true)) {
            return;
        }
        $columns = fn(?array $values): ?array => null === $values ? null : $this->columns($entities, $class, $values);
        [$before, $after] = [$columns($before), $columns($after)];
        if ($before !== $after) {
            $key = $this->columns($entities, $class, $class->getIdentifierValues($entity));
            $this->act->collect(new RowChange(
                $class->getTableName(),
                array_filter($key, static fn(mixed $value): bool => \is_int($value) || \is_string($value)),
                $before,
                $after,
            ));
        }
    }

    /**
     * @param ClassMetadata<object> $class
     * @param array<mixed>          $values by property
     *
     * @return array<string, bool|float|int|string|null> as they are stored, by column
     */
    private function columns(EntityManagerInterface $entities, ClassMetadata $class, array $values): array
    {
        $columns = [];
        foreach ($values as $property => $value) {
            $property = (string) $property;
            if ($class->versionField === $property) {
                continue;
            }
            if ($class->hasAssociation($property)) {
                if ($class->isSingleValuedAssociation($property)) {
                    $columns[$class->getSingleAssociationJoinColumnName($property)] = \is_object($value) ? $this->idOf($entities, $value) : null;
                }
                continue;
            }
            if (!isset($class->fieldMappings[$property])) {
                continue; // a join column beside its association, or an embedded value beside its fields
            }
            $mapping = $class->getFieldMapping($property);
            $stored = $value instanceof \BackedEnum ? $value->value : $entities->getConnection()->convertToDatabaseValue($value, $mapping->type);
            $columns[$mapping->columnName] = null === $stored || \is_scalar($stored)
                ? $stored
                : throw new \LogicException(sprintf('%s.%s is not stored as a scalar.', $class->getTableName(), $mapping->columnName));
        }

        return $columns;
    }

    private function idOf(EntityManagerInterface $entities, object $thing): string
    {
        $values = $entities->getClassMetadata($thing::class)->getIdentifierValues($thing);
        $id = reset($values);

        return \is_object($id)
            ? $this->idOf($entities, $id)
            : (\is_scalar($id) ? (string) $id : throw new \LogicException('A thing that is referred to has an id.'));
    }
}
