import 'reflect-metadata'
