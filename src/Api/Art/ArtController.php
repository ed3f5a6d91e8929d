<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Action\Art\AddPositive;
use Ektype\App\Action\Art\ReadGain;
use Ektype\App\Action\Art\TakeOffPositive;
use Ektype\App\Action\Art\TakeProfile;
use Ektype\App\Action\Art\WorkPlan;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\Served;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Api\Asking\Brought;
use Ektype\App\Api\Asking\Form;
use Ektype\App\Plan\MergePatch;
use Ektype\App\Plan\Patch;
use Ektype\App\Query\Art\AdvisedMethod;
use Ektype\App\Query\Art\ArtBench;
use Ektype\App\Query\Art\ArtLooked;
use Ektype\App\Query\Art\ChartSeen;
use Ektype\App\Query\Art\InksBench;
use Ektype\App\Query\Art\LookAtArt;
use Ektype\App\Query\Art\MethodOffer;
use Ektype\App\Query\Art\MethodsBench;
use Ektype\App\Query\Art\OrderOffer;
use Ektype\App\Query\Art\SeeArt;
use Ektype\App\Query\Art\SeeChart;
use Ektype\App\Query\Art\SeeInks;
use Ektype\App\Query\Art\SeeMethods;
use Ektype\App\Query\Art\SeeSquares;
use Ektype\App\Query\Art\TriedInks;
use Ektype\App\Query\Job\JobHead;
use Ektype\App\Query\Job\SeeJob;
use Ektype\App\Query\Pictures\ArtPicture;
use Ektype\App\Query\Pictures\MarkSheet;
use Ektype\App\Shop\NotHere;
use Ektype\App\Work\Picture\ScannedPositive;
use Ektype\Core\Advice\Care;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The stage of the art: the picture, its palette, and plates drawn by hand. */
final readonly class ArtController
{
    public function __construct(
        private ShopDoor $door,
        private LookAtArt $look,
        private SeeArt $bench,
        private SeeMethods $methods,
        private SeeInks $inks,
        private SeeSquares $squares,
        private ArtPicture $picture,
        private MarkSheet $sheet,
        private ScannedPositive $scans,
        private SeeChart $charts,
        private SeeJob $job,
    ) {
    }

    /** A picture before it is a job: where its ink is, and how large it can be printed here. Nothing is kept of it. */
    #[Heavy]
    #[Route('/api/art/look', methods: ['POST'])]
    public function look(#[Form('art')] ArtToLook $nothing, Request $request): ArtLooked
    {
        return $this->look->of(Brought::file($request, 'art', 'No picture came. Drop a PNG, JPEG, TIFF, WebP, GIF, BMP, SVG or PDF.')->getPathname());
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/art/bench', methods: ['GET'])]
    public function bench(int $id): ArtBench
    {
        return $this->bench->of($id);
    }

    /** Which methods fit the art, and how light the picture is. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/methods', methods: ['GET'])]
    public function methods(int $id): MethodsBench
    {
        return $this->methods->of($id);
    }

    /** What a method would print, small. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/method/{method}.png', methods: ['GET'], requirements: ['method' => MethodName::PATTERN])]
    public function method(int $id, string $method): Response
    {
        return Served::picture($this->methods->picture($id, self::called($method)));
    }

    /** What a method would print of the art, and what it takes. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/method/{method}', methods: ['GET'], requirements: ['method' => MethodName::PATTERN])]
    public function offer(int $id, string $method): MethodOffer
    {
        return $this->methods->one($id, self::called($method));
    }

    /** Which method to take, by how much care the job is worth. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/advice/{care}', methods: ['GET'], requirements: ['care' => 'side by side|usual|giveaway'])]
    public function advice(int $id, string $care): AdvisedMethod
    {
        return $this->methods->advice($id, Care::from($care));
    }

    /** The best inks of the shelf for the art, for each number of screens. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/inks', methods: ['GET'])]
    public function inks(int $id): InksBench
    {
        return $this->inks->of($id);
    }

    /** The nearest that the best inks come with so many screens, small. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/inks/{screens<[0-9]{1,2}>}.png', methods: ['GET'])]
    public function inkPicture(int $id, int $screens): Response
    {
        return Served::picture($this->inks->picture($id, $screens));
    }

    /**
     * Orders of printing by what the print looks like, the nearest first.
     *
     * @return list<OrderOffer>
     */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/orders', methods: ['GET'])]
    public function orders(int $id): array
    {
        return $this->inks->orders($id);
    }

    /** What is printed on, and how many. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/order', methods: ['PATCH'])]
    public function order(int $id, #[Body] OrderPatch $patch): JobHead
    {
        $this->door->do(...$patch->changes($id));

        return $this->job->of($id);
    }

    /** How large it prints, where, and which part of its art. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/size', methods: ['PATCH'])]
    public function size(int $id, #[Body] SizePatch $patch): JobHead
    {
        $this->door->do(...$patch->changes($id));

        return $this->job->of($id);
    }

    /** A decision about a colour or the base. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/colours', methods: ['PATCH'])]
    public function colours(int $id, #[Body] ColourPatch $patch): JobHead
    {
        $this->door->do(...$patch->changes($id));

        return $this->job->of($id);
    }

    /** By which method it is separated from now on. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/method', methods: ['PATCH'])]
    public function follow(int $id, #[Body] MethodTaken $patch): JobHead
    {
        $this->door->do(...$patch->changes($id));

        return $this->job->of($id);
    }

    /** What is chosen of the plan by which the job is separated. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/plan', methods: ['PATCH'])]
    public function plan(int $id, #[MergePatch(Plan::class)] Patch $patch): JobHead
    {
        $this->door->do(new WorkPlan($id, $patch));

        return $this->job->of($id);
    }

    /** What some inks would print; nothing is stored. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/ink-proof', methods: ['POST'])]
    public function inkProof(int $id, #[Body] InkTrial $trial): TriedInks
    {
        return $this->inks->tried($id, $trial->inks, $trial->garment(), $trial->muddyMarked);
    }

    /** What the job’s plan would print after a change to its tones, small; nothing is stored. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/tone-proof', methods: ['POST'])]
    public function proof(int $id, #[Body] ToneTrial $trial): Response
    {
        $tried = $this->methods->proof($id, new Patch($trial->plan), $trial->look());

        return new Response($tried->png, 200, [
            'Content-Type' => 'image/png',
            'Cache-Control' => 'no-store',
            // Where the curve runs that was tried, L* wished for each 2 of L*.
            'X-Tone-Curve' => implode(',', $tried->curve),
        ]);
    }

    /** A gain chart that was printed at this job’s setting and read. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/gain', methods: ['POST']), Status(201)]
    public function gain(int $id, #[Body] NewChartRead $read): ArtBench
    {
        $this->door->do(new ReadGain($id, $read->readings(), $read->simulated ? $this->charts->device() : null));

        return $this->bench->of($id);
    }

    /** The gain chart in this job’s dots, on a film. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/gain-chart.pdf', methods: ['GET'])]
    public function chart(int $id): Response
    {
        return Served::file($this->charts->pdf($id), 'application/pdf', 'gain-chart.pdf');
    }

    /** The middle of the picture in squares of several sizes, to try which of them the shop’s meshes hold. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/index-test.pdf', methods: ['GET'])]
    public function squares(int $id): Response
    {
        return Served::file($this->squares->pdf($id), 'application/pdf', 'index-test.pdf');
    }

    /** What the scan of a printed chart says; nothing is kept. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/gain-scan', methods: ['POST'])]
    public function scanned(int $id, #[Form('scan')] NewChartScan $new, Request $request): ChartSeen
    {
        return $this->charts->scanned($id, Brought::file(
            $request,
            'scan',
            'No scan came, or it did not arrive whole. Scan the printed chart with its marks and bring the picture.',
        )->getPathname());
    }

    /** The chart printed and scanned by the stand-in; nothing is kept. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/gain-practice', methods: ['POST'])]
    public function practice(int $id): ChartSeen
    {
        return $this->charts->simulated($id);
    }

    /** The picture small, as PNG, for kinds that a browser does not show. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/art.png', methods: ['GET'])]
    public function preview(int $id): Response
    {
        return Served::picture($this->picture->preview($id));
    }

    /** The picture as it was brought. A drawing is shown, never run: no script, nothing from elsewhere. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/art', methods: ['GET'])]
    public function art(int $id): Response
    {
        return new Response($this->picture->asBrought($id), 200, [
            'Content-Type' => $this->picture->type($id),
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; img-src data:; sandbox",
            'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, max-age=3600',
        ]);
    }

    /** The marks of this job on an empty film, to draw over. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/mark-sheet.pdf', methods: ['GET'])]
    public function sheet(int $id): Response
    {
        return Served::file($this->sheet->pdf($id), 'application/pdf', 'mark-sheet.pdf');
    }

    /** The print after some of its plates, at true size with the marks, to lay under the next drawing. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/stage/{stage<[1-9][0-9]?>}.pdf', methods: ['GET'])]
    public function stage(int $id, int $stage): Response
    {
        return Served::file($this->sheet->pdf($id, $stage), 'application/pdf', \sprintf('stage-%d.pdf', $stage));
    }

    /** Four-colour process by an ICC profile in place of the colours of the inks. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/ink-profile', methods: ['POST']), Status(201)]
    public function profile(int $id, #[Form('profile')] NewProfile $new, Request $request): ArtBench
    {
        $file = Brought::file($request, 'profile', 'No profile came, or it did not arrive whole. Bring an .icc file of CMYK.');
        $this->door->do(new TakeProfile($id, InkProfile::of($file->getContent(), $file->getClientOriginalName())));

        return $this->bench->of($id);
    }

    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/positives', methods: ['POST']), Status(201)]
    public function add(int $id, #[Form('scan')] NewPositive $new, Request $request): ArtBench
    {
        $scan = Brought::file(
            $request,
            'scan',
            'No scan came, or it did not arrive whole. Scan the drawn plate with its marks and bring the picture.',
        )->getPathname();
        $seen = $this->scans->look($scan, $this->sheet->of($id));
        $this->door->do(new AddPositive($id, $scan, $new->inkId, $seen->marks, $seen->weak));

        return $this->bench->of($id);
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/positives/{n<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function takeOff(int $id, int $n): ArtBench
    {
        $this->door->do(new TakeOffPositive($id, $n));

        return $this->bench->of($id);
    }

    private static function called(string $method): MethodName
    {
        return MethodName::tryFrom($method) ?? throw new NotHere();
    }
}
