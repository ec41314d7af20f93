// The browser of the tests, installed where it is not there: beside the lint, which has no need of it.
import { chromium } from './install.mjs'

chromium()
