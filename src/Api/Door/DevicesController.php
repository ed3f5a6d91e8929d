<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Ektype\App\Shop\Door\KnownDevice;
use Ektype\App\Shop\Door\KnownDevices;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** The devices that were let in: listed, and sent away one by one. */
final readonly class DevicesController
{
    public function __construct(private Passphrase $phrase, private KnownDevices $devices, private ClockInterface $clock)
    {
    }

    /** @return list<DeviceSeen> the one that was used last first */
    #[Route('/api/devices', methods: ['GET'])]
    public function all(Request $request): array
    {
        $now = $this->clock->now()->getTimestamp();
        $own = $this->phrase->isAsked() ? $this->devices->of($request->cookies->getString(DevicePass::COOKIE), $this->phrase->words(), $now) : null;

        return array_map(static fn (KnownDevice $d): DeviceSeen => new DeviceSeen(
            $d->id,
            $d->name,
            date(\DATE_ATOM, $d->letInAt),
            date(\DATE_ATOM, $d->seenAt),
            $d->id === $own?->id,
        ), $this->devices->all($now));
    }

    /**
     * It is asked for the pass-phrase again.
     *
     * @return list<DeviceSeen>
     */
    #[Route('/api/devices/{id<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function sendAway(int $id, Request $request): array
    {
        $this->devices->sendAway($id);

        return $this->all($request);
    }
}
