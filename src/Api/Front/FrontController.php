<?php

declare(strict_types=1);

namespace Ektype\App\Api\Front;

use Ektype\App\Shop\NotHere;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Every page of the application is the one built page; the browser picks the view by the address. */
final readonly class FrontController
{
    public function __construct(#[Autowire('%kernel.project_dir%/public/app/index.html')] private string $page)
    {
    }

    #[Route('/{path}', requirements: ['path' => '(?!api(/|$)|app/).*'], methods: ['GET'], priority: -100)]
    public function page(): Response
    {
        if (!is_file($this->page)) {
            throw new NotHere();
        }

        return new Response(
            (string) file_get_contents($this->page),
            200,
            ['Content-Type' => 'text/html; charset=utf-8', 'Cache-Control' => 'no-cache'],
        );
    }
}
