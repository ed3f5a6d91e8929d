<?php

declare(strict_types=1);

namespace Ektype\App\Api\Trials;

use Ektype\App\Action\Run\ForgetTrial;
use Ektype\App\Action\Run\KeepTrial;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Api\Asking\Brought;
use Ektype\App\Query\Run\CureBench;
use Ektype\App\Query\Run\InkTrialShown;
use Ektype\App\Query\Run\SeeCure;
use Ektype\App\Query\Run\SeeInkTrials;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Work\Picture\KeptPicture;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What the shop tries: prints that are stretched and washed, inks beside each other, and pictures of both. */
final readonly class TrialsController
{
    public function __construct(private ShopDoor $door, private SeeCure $cure, private SeeInkTrials $inks, private KeptPicture $pictures, private Jobs $jobs, private ClockInterface $clock)
    {
    }

    /** A picture of a print: it is named where it belongs. */
    #[Heavy]
    #[Route('/api/pictures', methods: ['POST']), Status(201)]
    public function picture(Request $request): PictureNamed
    {
        return new PictureNamed($this->pictures->keep(Brought::file($request, 'picture', 'No picture came. Take one of the print, in daylight, from straight above.')->getPathname()));
    }

    #[Route('/api/pictures/{name<[0-9a-f]{16}>}.jpg', methods: ['GET'])]
    public function shown(string $name): Response
    {
        return new Response($this->pictures->bytes($name), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/wear', methods: ['POST'])]
    public function wear(int $id, #[Body] WearTold $told): CureBench
    {
        $this->door->do(new KeepTrial($told->test($this->jobs->get($id)->substrate, $this->today())));

        return $this->cure->of($id, null);
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/wear/{test<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function forgetWear(int $id, int $test): CureBench
    {
        $this->door->do(new ForgetTrial($test));

        return $this->cure->of($id, null);
    }

    /** @return list<InkTrialShown> */
    #[Route('/api/ink-trials', methods: ['GET'])]
    public function inks(): array
    {
        return $this->inks->all();
    }

    /** @return list<InkTrialShown> */
    #[Route('/api/ink-trials', methods: ['POST'])]
    public function tryInk(#[Body] InkTrialTold $told): array
    {
        $this->door->do(new KeepTrial($told->trial($this->today())));

        return $this->inks->all();
    }

    /** @return list<InkTrialShown> */
    #[Route('/api/ink-trials/{trial<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function forgetInk(int $trial): array
    {
        $this->door->do(new ForgetTrial($trial));

        return $this->inks->all();
    }

    private function today(): string
    {
        return $this->clock->now()->format('Y-m-d');
    }
}
