import { buildIfChanged, installPackages, requireNode } from './prepare.mjs';

requireNode();
installPackages();
buildIfChanged();
