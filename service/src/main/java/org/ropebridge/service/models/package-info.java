/** Models and their editions: checking, publishing, and what of a model a person may see. */
package org.ropebridge.service.models;
