<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Action\Light\ForgetStepTest;
use Ektype\App\Action\Light\SetTestAside;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\Served;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Api\Asking\Brought;
use Ektype\App\Api\Asking\Form;
use Ektype\App\Query\Light\SeeNextTest;
use Ektype\App\Query\Light\SeeStepTest;
use Ektype\App\Query\Light\StepBench;
use Ektype\App\Query\Light\TestOffer;
use Ektype\App\Query\Shelves\StepTestOnShelf;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\App\Shop\StepTest\StepTests;
use Ektype\Core\StepTest\ReadStrips;
use Ektype\Core\StepTest\StripsRead;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The bench of step tests: planned, run, read, learned from. */
final readonly class StepTestController
{
    public function __construct(private ShopDoor $door, private SeeStepTest $bench, private SeeNextTest $next, private StepTests $tests)
    {
    }

    /** @return list<TestOffer> the tests that would teach most of what waits, the best first */
    #[Heavy]
    #[Route('/api/step-tests/next', methods: ['GET'])]
    public function next(): array
    {
        return $this->next->offers();
    }

    /** The strips of a test before it is run. */
    #[Route('/api/step-tests/plan', methods: ['GET'])]
    public function plan(#[Asked] PlannedTest $of): StepBench
    {
        return $this->bench->plan($of->lampId, $of->emulsionId, $of->thicknessUm, $of->dyed, $of->strips, $of->incrementS, firstS: $of->firstS);
    }

    /** The film for it. */
    #[Heavy]
    #[Route('/api/step-tests/film.pdf', methods: ['GET'])]
    public function film(#[Asked] TestFilmWanted $wanted): Response
    {
        return Served::file($this->bench->film($wanted->dpi, $wanted->strips), 'application/pdf', 'step-test-film.pdf');
    }

    /** The best strip by what each shows; nothing is kept. */
    #[Route('/api/step-tests/read', methods: ['POST'])]
    public function read(#[Body] StripsTold $told): StripsRead
    {
        return StripsRead::of($told->seen());
    }

    /** What a picture of the strips against the light shows; nothing is kept. */
    #[Heavy]
    #[Route('/api/step-tests/picture', methods: ['POST'])]
    public function picture(#[Form('picture')] PictureOfStrips $of, Request $request): ReadStrips
    {
        return $this->bench->picture(
            Brought::file($request, 'picture', 'No picture came, or it did not arrive whole. Take the dry screen whole against the light, marks and all, and bring the picture.')->getPathname(),
            $of->times(),
        );
    }

    /** The strips washed and scanned by the stand-in; nothing is kept. */
    #[Heavy]
    #[Route('/api/step-tests/practice', methods: ['POST'])]
    public function practice(#[Body] PracticeTest $of): ReadStrips
    {
        return $this->bench->simulated($of->lampId, $of->emulsionId, $of->thicknessUm, $of->dyed, $of->seconds);
    }

    /** Records what was read from a step test; every time of light is reckoned anew from it. */
    #[Route('/api/step-tests', methods: ['POST']), Status(201)]
    public function record(#[Body] NewStepTest $new): StepTestOnShelf
    {
        return StepTestOnShelf::of($this->door->do($new->change())->made(StepTest::class));
    }

    /** A test that is not believed is set aside, or believed again. */
    #[Route('/api/step-tests/{id<[0-9]{1,9}>}/aside', methods: ['POST'])]
    public function aside(int $id, #[Body] Aside $aside): StepTestOnShelf
    {
        $this->door->do(new SetTestAside($id, $aside->aside));

        return StepTestOnShelf::of($this->tests->get($id));
    }

    /** The test that was taken away. */
    #[Route('/api/step-tests/{id<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function forget(int $id): StepTestOnShelf
    {
        $gone = StepTestOnShelf::of($this->tests->get($id));
        $this->door->do(new ForgetStepTest($id));

        return $gone;
    }
}
