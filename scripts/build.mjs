// Builds the application, where what it is made of has changed.
import { build } from './install.mjs'

build()
