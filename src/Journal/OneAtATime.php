<?php

declare(strict_types=1);

namespace App\Journal;

use App\Entity\Person;
use App\Http\HomeGate;
use Doctrine\DBAL\Platforms\SQLitePlatform;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Event\ViewEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Uid\Ulid;

/**
 * Makes each request that writes one act: it takes the write lock before anything of the home is read, so that acts of
 * one home come one after the other, and ends with one entry in the journal, or with nothing written at all.
 */
#[AsEventListener(KernelEvents::CONTROLLER, 'begin', priority: -10)]
#[AsEventListener(KernelEvents::VIEW, 'complete', priority: 100)]
#[AsEventListener(KernelEvents::EXCEPTION, 'giveUp', priority: 100)]
#[AsEventListener(KernelEvents::RESPONSE, 'tell')]
final readonly class OneAtATime
{
    /** Days an entry can be taken back; its movements stay. */
    private const KEPT = '-2 years';
    private const ATTRIBUTE = '_act';

    public function __construct(
        private EntityManagerInterface $entities,
        private RunningAct $act,
        private Entries $entries,
        private OutOfDate $outOfDate,
        private Security $security,
        private ClockInterface $clock,
    ) {}

    public function begin(ControllerEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || !HomeGate::isWrite($event)) {
            return;
        }
        $this->act->reset();
        $this->entities->beginTransaction();
        $request->attributes->set(self::ATTRIBUTE, true);
        $home = $request->attributes->get('home');
        $db = $this->entities->getConnection();
        if (\is_string($home) && !$db->getDatabasePlatform() instanceof SQLitePlatform) {
            $db->executeQuery('SELECT id FROM home WHERE id = ? FOR UPDATE', [$home]);
        }
    }

    public function complete(ViewEvent $event): void
    {
        $request = $event->getRequest();
        if (true !== $request->attributes->get(self::ATTRIBUTE)) {
            return;
        }
        $this->entities->flush();
        $home = $request->attributes->get('home');
        $rows = $this->act->rows();
        if (\is_string($home) && [] !== $rows) {
            $entry = $this->entry($rows);
            $this->entries->add($home, $entry);
            $request->attributes->set('_entry', $entry);
        }
        $this->entities->commit();
        $request->attributes->remove(self::ATTRIBUTE);
    }

    public function giveUp(ExceptionEvent $event): void
    {
        if (true === $event->getRequest()->attributes->get(self::ATTRIBUTE)) {
            $event->getRequest()->attributes->remove(self::ATTRIBUTE);
            $this->entities->rollback();
            $this->entities->clear();
            $this->act->reset();
        }
    }

    /** The answer to a write says what was done and what is out of date now; the page refreshes and undoes by nothing else. */
    public function tell(ResponseEvent $event): void
    {
        $request = $event->getRequest();
        $entry = $request->attributes->get('_entry');
        if ($event->isMainRequest() && $entry instanceof Entry) {
            $this->headers($event->getResponse(), $entry);
            $this->forgetOld($request, $entry);
        }
    }

    private function headers(Response $response, Entry $entry): void
    {
        $response->headers->set('X-Entry', $entry->id);
        $response->headers->set('X-Said', rawurlencode($entry->sentence));
        $response->headers->set('X-Undoing', $entry->isUndoing ? '1' : '0');
        $response->headers->set('X-Out-Of-Date', implode(' ', $this->outOfDate->after($entry->rows)));
    }

    /** Once in a while, so that no act waits for it. */
    private function forgetOld(Request $request, Entry $entry): void
    {
        $home = $request->attributes->get('home');
        if (\is_string($home) && '00' === substr(sha1($entry->id), 0, 2)) {
            $this->entries->forgetBefore($home, $this->clock->now()->modify(self::KEPT));
        }
    }

    /** @param list<RowChange> $rows */
    private function entry(array $rows): Entry
    {
        $person = $this->security->getUser();
        if (!$person instanceof Person || '' === $this->act->sentence()) {
            throw new \LogicException('An act says what it did, and somebody did it.');
        }
        $takesBack = $this->act->takenBack();

        return new Entry(
            (string) new Ulid(),
            $this->clock->now(),
            $person->name(),
            $person->id(),
            $this->act->swap(),
            $this->act->sentence(),
            $takesBack?->id,
            null,
            null !== $takesBack && !$takesBack->isUndoing,
            $rows,
        );
    }
}
