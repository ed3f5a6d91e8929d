<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Work\ShopFiles;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\MeshSuggestion;
use Ektype\Core\Separation\SpotSeparation;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;

/** Takes in a picture and makes a job of it; nothing is stored of a picture that cannot be read. */
final readonly class NewJob
{
    public function __construct(private EntityManagerInterface $entities, private ShopFiles $files)
    {
    }

    public function from(Request $request): Job
    {
        $upload = $request->files->get('art');
        if (!$upload instanceof UploadedFile) {
            // A body over the server's limit arrives empty; its announced length still tells.
            if ((int) $request->headers->get('Content-Length', '0') > ArtFile::MOST_BYTES) {
                throw Refusal::at('art', 'The file is larger than the 64 MB that Ektype takes. Save it as PNG at the size it will print, 300 to 600 ppi.');
            }
            throw Refusal::at('art', 'No picture came with the job. Drop a PNG, JPEG, TIFF, WebP or SVG.');
        }
        if (!$upload->isValid()) {
            throw Refusal::at('art', $upload->getError() === \UPLOAD_ERR_INI_SIZE || $upload->getError() === \UPLOAD_ERR_FORM_SIZE
                ? 'The file is larger than the 64 MB that Ektype takes. Save it as PNG at the size it will print, 300 to 600 ppi.'
                : 'The picture did not arrive whole. Send it again.');
        }
        $fields = [];
        foreach ($request->request->all() as $name => $value) {
            $fields[$name] = \is_string($value) && is_numeric($value) && $name !== 'name' ? $value + 0 : $value;
        }

        return $this->make(Given::of($fields), $upload->getPathname(), $upload->getClientOriginalName());
    }

    public function make(Given $given, string $path, string $artName): Job
    {
        $art = ArtFile::at($path);
        $called = ucwords(trim(strtr(pathinfo($artName, \PATHINFO_FILENAME), '-_', '  ')));
        $name = $given->textOr('name', $called === '' ? 'New job' : mb_substr($called, 0, 120), 120);
        $job = new Job($name, Srgb::fromHex($given->text('garmentHex'), 'garmentHex')->hex(), $given->number('widthMm', 5, SpotSeparation::WIDEST_MM, 'mm'));
        $job->garmentName = $given->textOr('garmentName', '', 60);
        $job->substrate = $given->oneOf('substrate', MeshSuggestion::SUBSTRATES, 'cotton');
        $job->artName = mb_substr($artName, 0, 200);
        $job->artKind = $art->kind;
        $job->artWidthPx = $art->width;
        $job->artHeightPx = $art->height;
        $job->artPath = \sprintf('art/%s.%s', bin2hex(random_bytes(8)), $art->kind);
        $job->press = $this->entities->getRepository(Press::class)->findOneBy([], ['id' => 'ASC']);
        $job->lamp = $this->entities->getRepository(Lamp::class)->findOneBy([], ['id' => 'ASC']);
        $job->emulsion = $this->entities->getRepository(Emulsion::class)->findOneBy([], ['id' => 'ASC']);
        $this->files->put($job->artPath, (string) file_get_contents($path));
        $this->entities->persist($job);
        $this->entities->flush();

        return $job;
    }
}
