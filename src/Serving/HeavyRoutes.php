<?php

declare(strict_types=1);

namespace Ektype\App\Serving;

use Ektype\App\Api\Answering\Heavy;
use Symfony\Component\Routing\RouterInterface;

/** The addresses whose answers are drawn or reckoned at length, as the web server tells them apart. */
final readonly class HeavyRoutes
{
    public function __construct(private RouterInterface $router)
    {
    }

    /** @return list<string> regular expressions over “METHOD /path” */
    public function patterns(): array
    {
        $patterns = [];
        foreach ($this->router->getRouteCollection() as $route) {
            $controller = $route->getDefault('_controller');
            [$class, $method] = explode('::', \is_string($controller) ? $controller : '') + ['', ''];
            if (!method_exists($class, $method) || (new \ReflectionMethod($class, $method))->getAttributes(Heavy::class) === []) {
                continue;
            }
            // {^/api/jobs/(?P<id>[0-9]{1,9})$}sDu without what holds it.
            $path = preg_replace('/^\{\^|\$?\}[a-zA-Z]*$/', '', $route->compile()->getRegex());
            $patterns[] = \sprintf('^(%s) %s$', implode('|', $route->getMethods()), (string) preg_replace('/\(\?P<\w+>/', '(?:', (string) $path));
        }

        return $patterns;
    }
}
