/**
 * From a plan to SQL: a tree of jOOQ parts until the last moment, rendered for one dialect with
 * bound parameters. Uses reading's plans, access and model.
 */
package org.ropebridge.sql;
